@use('App\Checks\FieldName')
@use('App\Visits\DeparturePage')
<x-layout :title="__('visits.leave.title')" main="page departure">
    <x-slot:head><x-head :title="__('visits.ticket', ['ticket' => $page->visit->ticket])" :subtitle="__('visits.leave.title')"
        /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('visits.leave.before') }}</h1><a class="quiet" href="{{ route('visits.sheet', $page->visit) }}">{{
            __('visits.leave.back') }}</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }}</p>
    @endif
    @foreach ($page->children as $child)
        <section class="card-work" data-child="{{ $child['letter'] }}" data-verdict="{{ $child['verdict']->value }}">
            <h2>
                <x-buckle-mark :state="$child['verdict']->value" :size="36" />
                {{ __('sheet.child', ['letter' => $child['letter'], 'verdict' => $child['verdict']->title()]) }}
            </h2>
            @if ($child['findings'] !== [] || $child['questions'] !== [])
                <ul>
                    @foreach ($child['findings'] as $finding)
                        <li><strong>@tell($finding->severity->title()):</strong> @says($finding->message())</li>
                    @endforeach
                    @foreach ($child['questions'] as $question)
                        <li>{{ __('visits.leave.not_looked_at', ['what' => $question]) }}</li>
                    @endforeach
                </ul>
            @endif
        </section>
    @endforeach
    <form method="post" action="{{ route('visits.departure', $page->visit) }}" class="card-work">
        @csrf
        <input type="hidden" name="seen" value="{{ $page->seen }}">
        @foreach ($page->children as $child)
            @if ($child['withdrawn'])
                <x-choice-field :field="new FieldName('withdrawn[' . $child['letter'] . ']')" :options="DeparturePage::withdrawals()"
                    :label="__('visits.leave.withdrawn', ['letter' => $child['letter']])" />
            @endif
        @endforeach
        @if ($page->isOpen)
            <fieldset class="field">
                <legend>{{ __('visits.leave.why') }}</legend>
                <div class="choices">
                    @foreach (DeparturePage::REASONS as $value)
                        <label class="choice tick"><input type="radio" name="reason" value="{{ $value }}"
                                @checked(old('reason') === $value)> <span>{{ __("visits.leave.reasons.{$value}") }}</span></label>
                    @endforeach
                </div>
            </fieldset>
            <p class="field"><label for="words">{{ __('visits.leave.own_words') }}</label><input id="words" name="words"
                    value="{{ old('words') }}" maxlength="300" autocomplete="off"></p>
            @if ($page->seconds->isNotEmpty())
                <fieldset class="field">
                    <legend>{{ __('visits.leave.second') }}</legend>
                    <div class="choices">
                        @foreach ($page->seconds as $person)
                            <label class="choice tick"><input type="radio" name="second" value="{{ $person->id }}"
                                    @checked((string) old('second') === (string) $person->id)> <span>{{ $person->name }}</span></label>
                        @endforeach
                    </div>
                    <p class="field"><label for="password">{{ __('visits.leave.their_password') }}</label><input id="password"
                        type="password" name="password"
                            autocomplete="off"></p>
                </fieldset>
            @endif
            <p>{{ __('visits.leave.stands') }}</p>
            <button class="press" data-leave="open">{{ __('visits.leave.open') }}</button>
        @else
            <p>{{ __('visits.leave.nothing_open') }}</p>
            <button class="press" data-leave="good">{{ __('visits.leave.sign') }}</button>
        @endif
    </form>
</x-layout>
