@use('App\Bookings\Wish')
@use('App\Checks\FieldName')
<x-layout :title="__('bookings.title')" main="page">
    <x-slot:head><x-head :title="__('bookings.title')" :subtitle="$page->event->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('bookings.title') }}</h1>
        <p>{{ __('bookings.intro', ['name' => $page->event->name, 'day' => $page->event->held_on, 'count' => $page->count()]) }}</p>
        <a class="quiet" href="{{ route('bookings.list', $page->event) }}">{{ __('bookings.list') }}</a>
        <a class="quiet" href="{{ route('events.index') }}">{{ __('events.all') }}</a>
    </div>
    @if ($page->slots === null)
        <section class="card-work empty"><p>{{ __('bookings.no_hours') }}</p></section>
    @else
        <div class="event-board">
            <section class="card-work" aria-labelledby="times-title">
                <h2 id="times-title">{{ __('bookings.times') }}</h2>
                <ul class="booking-times">
                    @foreach ($page->times as $time => $slot)
                        <li data-time="{{ $time }}" data-free="{{ $slot['free'] }}">
                            <h3>{{ $time }} <span @class(['hint', 'problem' => $slot['free'] < 0])>{{
                                __('bookings.free', ['free' => $slot['free']]) }}</span></h3>
                            @foreach ($slot['bookings'] as $booking)
                                <x-booking-line :booking="$booking" />
                            @endforeach
                        </li>
                    @endforeach
                </ul>
            </section>
            <aside class="event-side">
                <section class="card-work" aria-labelledby="book-title">
                    <h2 id="book-title">{{ __('bookings.book') }}</h2>
                    <form method="post" action="{{ route('bookings.store', $page->event) }}" class="stack">
                        @csrf
                        <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid7() }}">
                        <div class="field">
                            <label for="time">{{ __('bookings.time') }}</label>
                            <select id="time" name="time">
                                @foreach ($page->open() as $time)
                                    <option @selected(old('time') === $time)>{{ $time }}</option>
                                @endforeach
                            </select>
                            @error('time')
                                <p class="problem">{{ $message }}</p>
                            @enderror
                        </div>
                        <x-field :field="new FieldName('first_name')" :label="__('visits.arrive.first_name')" required />
                        <x-field :field="new FieldName('contact')" :label="__('visits.arrive.contact')"
                            :hint="__('bookings.contact_hint')" />
                        <x-field :field="new FieldName('seats')" type="number" :label="__('bookings.seats')" value="1" min="1"
                            :max="Wish::MOST_SEATS" />
                        <div class="field">
                            <label for="language">{{ __('visits.language.title') }}</label>
                            <select id="language" name="language">
                                @foreach ($page->languages as $code => $name)
                                    <option value="{{ $code }}" @selected(old('language', app()->getLocale()) === $code)>{{
                                        $name }}</option>
                                @endforeach
                            </select>
                        </div>
                        <button class="press">{{ __('bookings.book') }}</button>
                    </form>
                </section>
                <section class="card-work" aria-labelledby="file-title">
                    <h2 id="file-title">{{ __('bookings.file.title') }}</h2>
                    <form method="post" action="{{ route('bookings.file.store', $page->event) }}" enctype="multipart/form-data"
                        class="stack">
                        @csrf
                        <input type="file" name="file" accept=".csv,text/csv" aria-label="{{ __('bookings.file.title') }}" required>
                        @error('file')
                            <p class="problem">{{ $message }}</p>
                        @enderror
                        <button class="quiet">{{ __('bookings.file.look') }}</button>
                    </form>
                </section>
                <section class="card-work" aria-labelledby="remind-title">
                    <h2 id="remind-title">{{ __('bookings.remind') }}</h2>
                    <form method="post" action="{{ route('bookings.remind', $page->event) }}" class="stack">
                        @csrf
                        <p>{{ __('bookings.to_remind', ['count' => $page->toRemind()]) }}</p>
                        <button class="quiet">{{ __('bookings.remind') }}</button>
                        <a class="quiet" href="{{ route('stand-ins.mail') }}">{{ __('bookings.outbox') }}</a>
                    </form>
                </section>
            </aside>
        </div>
    @endif
</x-layout>
