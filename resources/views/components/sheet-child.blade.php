@use('MintBuckle\Core\Finding\Verdict')
@props(['child', 'drawings' => null])
<section class="sheet-child" data-verdict="{{ $child->verdict->value }}">
    <header>
        <x-buckle-mark :state="$child->verdict->value" :size="72" />
        <div>
            <h2>{{ __('sheet.child', ['letter' => $child->letter, 'verdict' => $child->verdict->title()]) }}</h2>
            <p>@tell($child->facts)</p>
        </div>
    </header>
    @if ($child->right !== [])
        <h3>{{ __('sheet.right') }}</h3>
        <ul data-right>
            @foreach ($child->right as $line)
                <li>@says($line)</li>
            @endforeach
        </ul>
    @endif
    @if ($child->open !== [] || $child->unanswered > 0)
        <h3>{{ __('sheet.before') }}</h3>
        <ul>
            @foreach ($child->open as $line)
                <li><strong>@says($line->message)</strong> @says($line->remedy)@if ($line->declined !== null)
                        <em>{{ __('sheet.declined', ['why' => $line->declined]) }}</em>
                    @endif
                </li>
            @endforeach
            @if ($child->unanswered > 0)
                <li>{{ __('sheet.unfinished', ['n' => $child->unanswered]) }}</li>
            @endif
        </ul>
    @endif
    @if ($child->corrected !== [])
        <h3>{{ __('sheet.corrected') }}</h3>
        <ul>
            @foreach ($child->corrected as $line)
                <li>@says($line->message) <em>{{ __('sheet.put_right', ['what' => $line->remedy]) }}</em></li>
            @endforeach
        </ul>
    @endif
    @if ($child->withdrawn !== null)
        <p data-withdrawn><strong>{{ __('sheet.became', ['what' => $child->withdrawn]) }}</strong></p>
    @endif
    @if ($drawings !== null && $child->card !== null)
        <x-sheet-drawings :drawings="$drawings" :letter="$child->letter" />
    @endif
    @if ($child->card !== null)
        <h3>{{ __('sheet.again') }}</h3>
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
        <p>{{ __('sheet.no_card') }}</p>
    @endif
    @if ($child->everyRide !== [])
        <h3>{{ __('sheet.every_ride') }}</h3>
        <ul>
            @foreach ($child->everyRide as $line)
                <li>@says($line)</li>
            @endforeach
        </ul>
    @endif
    @if ($child->advice !== [])
        <h3>{{ __('sheet.advice') }}</h3>
        <ul>
            @foreach ($child->advice as $line)
                <li>@says($line->message) @says($line->remedy)</li>
            @endforeach
        </ul>
    @endif
    @if ($child->dates !== [])
        <h3>{{ __('sheet.ahead') }}</h3>
        <ul>
            @foreach ($child->dates as [$date, $what])
                <li><strong>@says($date)</strong> @says($what)</li>
            @endforeach
        </ul>
    @endif
    <x-what-next :next="$child->next" />
    @if ($child->register !== null)
        <h3>{{ __('sheet.register') }}</h3>
        <p data-registration>{{ __('sheet.register_how', $child->register) }}</p>
    @endif
    <p class="fine">@says($child->by)</p>
</section>
