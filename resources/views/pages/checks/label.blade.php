<x-layout :title="__('checks.read_code')" main="page narrow-page">
    <x-slot:head><x-head :title="$check->title()" :subtitle="__('checks.read_code')"
        /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('checks.read_code') }}</h1><a class="quiet" href="{{ route('checks.show', [$check->id, 'found', 'label']) }}">{{
            __('checks.back') }}</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} {{ __('common.unchanged') }}</p>
    @endif
    @if ($read !== null)
        <section class="card-work" aria-labelledby="read-title" data-label-read>
            @if ($read->problem !== null)
                <h2 id="read-title">{{ __('checks.code.nothing') }}</h2>
                <p class="problem">@tell($read->problem)</p>
            @else
                <h2 id="read-title">{{ __('checks.code.says') }}</h2>
                <form method="post" action="{{ route('checks.label.store', $check->id) }}">
                    @csrf<input type="hidden" name="code" value="{{ $code }}">
                    @if ($read->text !== null)
                        <p class="big">{{ $read->text }}</p>
                        <p>{{ __('checks.code.plain') }}</p>
                        <div class="choices"><button class="choice" name="as" value="serial">{{ __('checks.code.serial') }}</button><button
                                class="choice" name="as" value="model">{{ __('checks.code.model') }}</button></div>
                    @else
                        <dl class="rules">
                            @foreach ($read->facts as $key => $fact)
                                <div data-read="{{ $key }}">
                                    <dt>{{ __("facts.seat.{$key}.short") }}</dt>
                                    <dd>{{ $fact }}</dd>
                                </div>
                            @endforeach
                        </dl>
                        <p>{{ __('checks.code.compare') }}</p><button class="press">{{ __('checks.code.take') }}</button>
                    @endif
                </form>
            @endif
        </section>
    @endif
    <section class="card-work stack" data-label-scan hidden>
        <h2>{{ __('checks.code.camera') }}</h2>
        <video data-scan-video playsinline muted hidden></video>
        <p role="status" data-scan-status>{{ __('checks.code.hold') }}</p>
        <div class="choices"><button type="button" class="press" data-scan-start>{{ __('checks.code.start') }}</button><button type="button"
                class="quiet" data-scan-stop hidden>{{ __('checks.code.stop') }}</button></div>
        <label for="picture">{{ __('checks.code.picture') }}</label>
        <input type="file" id="picture" accept="image/*" data-scan-picture>
    </section>
    <form method="get" class="card-work stack" data-scan-form>
        <label for="code">{{ __($read === null ? 'checks.code.type' : 'checks.code.another') }}</label>
        <div class="entry"><input id="code" name="code" autocomplete="off" data-scan-code><button class="keep">{{ __('checks.code.look')
            }}</button></div>
        <p class="hint">{{ __('checks.code.no_label') }} <a href="{{ route('stand-ins.labels') }}">{{ __('checks.code.stand_ins') }}</a></p>
    </form>
</x-layout>
