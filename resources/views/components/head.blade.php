@props(['title' => null, 'subtitle' => null])
<header class="head">
    <a class="brand" href="{{ route('event') }}"><x-buckle-mark state="good_to_ride" /><span>Mint Buckle</span></a>
    @if ($title)
        <div class="head-title"><strong>{{ $title }}</strong> <span>{{ $subtitle }}</span></div>
    @endif
    <div class="head-tools">
        {{ $slot }}
        @auth<x-main-menu />@endauth
        <x-unit-switch />
        @auth<a class="head-button" href="{{ route('account') }}">{{ auth()->user()?->name }}</a>@endauth
    </div>
</header>
