@use('MintBuckle\Core\Facts\PracticeCode')
<x-layout :title="__('own_practice.compare.title')" main="page">
    <x-slot:head><x-head :title="__('own_practice.compare.title')" :subtitle="__('own_practice.file.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('own_practice.file.title') }}</h1>
        <p>{{ __('own_practice.file.intro') }}</p>
    </div>
    <form method="post" action="{{ route('practices.compare') }}" enctype="multipart/form-data" class="card-work stack">
        @csrf
        <div class="field"><label for="f-case">{{ __('own_practice.file.case') }}</label><input id="f-case" type="file" name="case"
                accept=".json">
            @foreach ($errors->get('case') as $problem)
                <p class="problem">{{ $problem }}</p>
            @endforeach
        </div>
        <fieldset class="choice-field">
            <legend>{{ __('own_practice.compare.with') }}</legend>
            <div class="choices">
                @foreach (PracticeCode::cases() as $code)
                    <label class="choice tick"><input type="radio" name="with" value="{{ $code->value }}">
                        <span>{{ __("limits.practices.{$code->value}") }}</span></label>
                @endforeach
            </div>
        </fieldset>
        <div class="actions"><button class="press">{{ __('own_practice.file.compare') }}</button></div>
    </form>
</x-layout>
