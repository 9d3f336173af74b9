@props(['search' => ''])
<form method="get" action="{{ route('search') }}" class="event-search" role="search">
    <label class="visually-hidden" for="event-search">{{ __('events.search.what') }}</label>
    <input id="event-search" name="q" type="search" value="{{ $search }}" placeholder="{{ __('events.search.what') }}" autocomplete="off">
    <button class="quiet">{{ __('common.look') }}</button>
</form>
