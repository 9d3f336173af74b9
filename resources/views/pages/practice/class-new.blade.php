@use('App\Checks\FieldName')
@use('MintBuckle\Core\Drill\DrillWeights')
@use('MintBuckle\Core\Drill\FixedDrill')
@use('MintBuckle\Core\Finding\Code')
@use('MintBuckle\Core\Rulebook')
@use('MintBuckle\Present\Handbook\RuleText')
@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('practice.class.new')" main="page">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="__('practice.class.new')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('practice.class.new') }}</h1>
        <p>{{ __('practice.class.intro') }}</p>
    </div>
    <form method="post" action="{{ route('practice.class.store') }}" class="card-work">
        @csrf
        <input type="hidden" name="id" value="{{ old('id', UuidV7::generate()) }}">
        <div class="two">
            <x-field :field="new FieldName('title')" :label="__('practice.class.title')" required maxlength="80" />
            <x-field :field="new FieldName('drawn')" :label="__('practice.class.drawn')" inputmode="numeric" />
            <x-field :field="new FieldName('level')" :label="__('practice.class.level')" inputmode="numeric" />
        </div>
        <fieldset class="field">
            <legend>{{ __('practice.sets') }}</legend>
            <div class="choices">
                @foreach (FixedDrill::cases() as $fixed)
                    <label class="choice tick"><input type="checkbox" name="fixed[]" value="{{ $fixed->value }}"
                            @checked(in_array($fixed->value, (array) old('fixed', []), true))> <span>@tell($fixed->title())</span></label>
                @endforeach
            </div>
        </fieldset>
        <details class="panel">
            <summary>{{ __('practice.class.codes') }}</summary>
            <div class="choices">
                @foreach (DrillWeights::all(Rulebook::current()) as $code => $weight)
                    <label class="choice tick"><input type="checkbox" name="codes[]" value="{{ $code }}"
                            @checked(in_array($code, (array) old('codes', []), true))>
                        <span>@tell(RuleText::of(Code::of($code))->title)</span></label>
                @endforeach
            </div>
        </details>
        <button class="press">{{ __('practice.class.make') }}</button>
    </form>
</x-layout>
