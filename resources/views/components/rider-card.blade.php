@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'rider', 'check', 'findings', 'unknown'])
<section class="card-work rider-card" id="rider-{{ $rider->name }}" data-rider-card="{{ $rider->name }}">
    <h2><a href="{{ route('checks.show', [$check->id, 'left', 'place']) }}">{{ __('visits.child', ['letter' => $rider->name]) }}</a>
        <span>{{ $check->seatModel?->title() ?? trim(($rider->seat->maker ?? '') . ' ' . ($rider->seat->model ?? '')) }}@if ($rider->mode)
                · @tell($rider->mode->title())
            @endif
        </span>
    </h2>
    <form method="post" action="{{ route('visits.seat', $page->visit) }}" class="choices" data-seat-form>
        @csrf
        <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
        @foreach ($page->places() as $place => $title)
            <button @class(['choice', 'on' => $place === $rider->nowAt]) name="places[{{ $rider->name }}]" value="{{ $place }}"
                aria-pressed="{{ $place === $rider->nowAt
                    ? 'true'
                    : 'false' }}" @disabled($page->visit->left_at !== null)>@tell($title)</button>
        @endforeach
    </form>
    @foreach ($findings as $finding)
        <article class="finding finding-{{ $finding->severity->value }}" data-code="{{ $finding->code->value }}"><x-finding-words
                :finding="$finding" /></article>
    @endforeach
    @if ($unknown !== [])
        <p class="hint">{{ __('visits.car.unknown', ['n' => count($unknown)]) }}</p>
    @endif
    @if ($rider->nowAt)
        <a class="choice pin" href="{{ $page->toggled($rider->name) }}" aria-pressed="{{ $rider->keep ? 'true' : 'false' }}"
            role="button" data-pin="{{ $rider->name }}">{{ __($rider->keep ? 'visits.car.let_move' : 'visits.car.keep') }}</a>
    @endif
</section>
