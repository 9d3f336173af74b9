@use('MintBuckle\Core\Finding\Verdict')
@props(['child'])
<section class="sheet-child" data-verdict="{{ $child->verdict->value }}">
    <header>
        <x-buckle-mark :state="$child->verdict->value" :size="72" />
        <div>
            <h2>Child {{ $child->letter }}: {{ $child->verdict->title() }}</h2>
            <p>@tell($child->facts)</p>
        </div>
    </header>
    @if ($child->open !== [] || $child->unanswered > 0)
        <h3>Before this child rides in it</h3>
        <ul>
            @foreach ($child->open as $line)
                <li><strong>@says($line->message)</strong> @says($line->remedy)@if ($line->declined !== null)
                        <em>The family did not want it changed: “{{ $line->declined }}”.</em>
                    @endif
                </li>
            @endforeach
            @if ($child->unanswered > 0)
                <li>The check is not finished: {{ $child->unanswered }} {{ $child->unanswered === 1 ? 'thing has' : 'things have' }} not
                    been looked at, so nothing can be promised.</li>
            @endif
        </ul>
    @endif
    @if ($child->corrected !== [])
        <h3>What was found and put right</h3>
        <ul>
            @foreach ($child->corrected as $line)
                <li>@says($line->message) <em>Put right: @says($line->remedy)</em></li>
            @endforeach
        </ul>
    @endif
    @if ($child->card !== null)
        <h3>How to do it again</h3>
        @if ($child->notice !== null)
            <p><strong>@says($child->notice)</strong></p>
        @endif
        <ol class="again">
            @foreach ($child->card as $step)
                <li>@says($step)</li>
            @endforeach
        </ol>
    @endif
    @if ($child->card === null && $child->verdict === Verdict::DoNotUse)
        <p>As it stands no child may ride in it, so no steps to install it are printed.</p>
    @endif
    @if ($child->everyRide !== [])
        <h3>On every ride</h3>
        <ul>
            @foreach ($child->everyRide as $line)
                <li>@says($line)</li>
            @endforeach
        </ul>
    @endif
    @if ($child->advice !== [])
        <h3>Good to know</h3>
        <ul>
            @foreach ($child->advice as $line)
                <li>@says($line->message) @says($line->remedy)</li>
            @endforeach
        </ul>
    @endif
    @if ($child->dates !== [])
        <h3>Dates ahead</h3>
        <ul>
            @foreach ($child->dates as [$date, $what])
                <li><strong>@says($date)</strong> @says($what)</li>
            @endforeach
        </ul>
    @endif
    <p class="fine">@says($child->by)</p>
</section>
