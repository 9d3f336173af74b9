@props(['page'])
<section class="card-work event-next" aria-labelledby="next-title">
    <h2 id="next-title">{{ __('events.next.title') }}</h2>
    @if ($page->next() === null)
        <p class="empty">{{ __('events.next.nobody') }}</p>
    @else
        <p class="big">{{ __('events.next.who', [
            'ticket' => $page->next()->ticket,
            'family' => $page->next()->family ?? __('visits.a_family'),
        ]) }}</p>
        <p>{{ __('events.next.what', ['seats' => $page->next()->seats(), 'minutes' => $page->minutesFor($page->next())]) }}</p>
        @if ($page->freeBay() === null)
            <p class="notice">{{ __('events.next.full') }}</p>
        @else
            <form method="post" action="{{ route('visits.bay', $page->next()->id) }}" class="stack">
                @csrf
                <input type="hidden" name="here" value="1">
                @if ($page->free() !== [])
                    <label for="next-technician">{{ __('events.next.with') }}</label>
                    <select id="next-technician" name="technician">
                        @foreach ($page->free() as $one)
                            <option value="{{ $one->person->id }}">{{ $one->person->name }}</option>
                        @endforeach
                    </select>
                @endif
                <button class="press" data-call="{{ $page->next()->ticket }}">{{
                    __('events.next.call', ['bay' => $page->freeBay()]) }}</button>
            </form>
        @endif
    @endif
</section>
