@use('MintBuckle\Core\Record\InspectionPhase')
@props(['card', 'page', 'finding', 'open'])
<article class="finding finding-{{ $finding->severity->value }}" data-code="{{ $finding->code->value }}"
    @if ($card->declined) data-declined @endif>
    @include('components.finding-words')
    @if ($card->declined)
        <p class="declined">{{ __('checks.declined', ['why' => $card->declined->note]) }}</p>
    @endif
    @if ($open && $page->phase === InspectionPhase::Left && $card->facts !== [] && $card->subject !== $page->now->mend?->subject)
        <details class="mend" @if ($page->isProblemOf($card->facts[0])) open @endif>
            <summary>{{ __('checks.mend') }}</summary>
            @foreach ($card->facts as $row)
                @include('components.asked-row', [
                    'where' => 'mend-' . $loop->parent->index . str_replace(['.', '/'], '-', $card->subject),
                ])
            @endforeach
            @if ($card->canBeDeclined())
                @include('components.decline', ['card' => $card, 'page' => $page])
            @endif
        </details>
    @endif
    <details class="source">
        <summary>{{ __('checks.from_where') }}</summary>
        @include('components.sources', ['finding' => $finding, 'page' => $card->page])
        @if ($open && $card->figures !== [])
            <h4>{{ __('checks.manual_otherwise') }}</h4>
            @foreach ($card->figures as $row)
                @include('components.own-figure', ['row' => $row, 'page' => $page, 'subject' => $card->subject])
            @endforeach
        @endif
    </details>
</article>
