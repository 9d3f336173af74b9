@props(['page'])
@php($stations = MintBuckle\Core\Finding\Station::cases())
@php($at = $page->station->number() - 1)
<nav class="steps" aria-label="Back and on">
    @if ($at > 0)
        <a class="quiet" href="{{ $page->link(station: $stations[$at - 1]) }}" data-key="[">Back to {{ $stations[$at - 1]->title() }}</a>
    @endif
    @if ($at < count($stations) - 1)
        <a class="press" href="{{ $page->link(station: $stations[$at + 1]) }}" data-key="]">On to {{ $stations[$at + 1]->title() }}</a>
    @elseif ($page->track === App\Track::Found)
        <a class="press" href="{{ $page->link(App\Track::Left, MintBuckle\Core\Finding\Station::Label) }}">Now put it right</a>
    @else
        <a class="press" href="{{ route('visits.sheet', $page->check->visit_id) }}">Take-home sheet</a>
    @endif
</nav>
