@use('App\Visits\DeparturePage')
<x-layout title="The family leaves" main="page departure">
    <x-slot:head><x-head title="Ticket {{ $page->visit->ticket }}" subtitle="The family leaves" /></x-slot:head>
    <div class="page-top">
        <h1>Before the family leaves</h1><a class="quiet" href="{{ route('visits.sheet', $page->visit) }}">Back to the sheet</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }}</p>
    @endif
    @foreach ($page->children as $child)
        <section class="card-work" data-child="{{ $child['letter'] }}" data-verdict="{{ $child['verdict']->value }}">
            <h2>
                <x-buckle-mark :state="$child['verdict']->value" :size="36" />
                Child {{ $child['letter'] }}: {{ $child['verdict']->title() }}
            </h2>
            @if ($child['findings'] !== [] || $child['questions'] !== [])
                <ul>
                    @foreach ($child['findings'] as $finding)
                        <li><strong>{{ $finding->severity->title() }}:</strong> @says($finding->message())</li>
                    @endforeach
                    @foreach ($child['questions'] as $question)
                        <li>Not looked at: @says($question)</li>
                    @endforeach
                </ul>
            @endif
        </section>
    @endforeach
    <form method="post" action="{{ route('visits.departure', $page->visit) }}" class="card-work">
        @csrf
        <input type="hidden" name="seen" value="{{ $page->seen }}">
        @if ($page->isOpen)
            <fieldset class="field">
                <legend>Why does the family leave with this open?</legend>
                <div class="choices">
                    @foreach (DeparturePage::REASONS as $value => $words)
                        <label class="choice tick"><input type="radio" name="reason" value="{{ $value }}"
                                @checked(old('reason') === $value)> <span>{{ $words }}</span></label>
                    @endforeach
                </div>
            </fieldset>
            <p class="field"><label for="words">In your own words</label><input id="words" name="words"
                    value="{{ old('words') }}" maxlength="300" autocomplete="off"></p>
            @if ($page->seconds->isNotEmpty())
                <fieldset class="field">
                    <legend>A second person has looked at this too</legend>
                    <div class="choices">
                        @foreach ($page->seconds as $person)
                            <label class="choice tick"><input type="radio" name="second" value="{{ $person->id }}"
                                    @checked((string) old('second') === (string) $person->id)> <span>{{ $person->name }}</span></label>
                        @endforeach
                    </div>
                    <p class="field"><label for="password">Their own password</label><input id="password" type="password" name="password"
                            autocomplete="off"></p>
                </fieldset>
            @endif
            <p>It stands on the sheet and in the log of every entry.</p>
            <button class="press" data-leave="open">The family leaves with this open</button>
        @else
            <p>Nothing is open: every child’s seat is good to ride.</p>
            <button class="press" data-leave="good">Sign and close</button>
        @endif
    </form>
</x-layout>
