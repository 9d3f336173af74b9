@props(['title', 'main' => 'page'])
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="words" content="{{ json_encode(__('scripts'), JSON_UNESCAPED_UNICODE) }}">
    <title>{{ $title }} · Mint Buckle</title>
    <link rel="icon"
        href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'%3E%3Crect y='2' width='20' height='16'
            rx='4' fill='%230b5d46'/%3E%3Crect x='22' y='6' width='18' height='8' rx='2' fill='%230b5d46'/%3E%3C/svg%3E">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>

<body>
    <a class="visually-hidden-focusable skip" href="#main">{{ __('common.to_content') }}</a>
    {{ $head ?? '' }}
    <main id="main" class="{{ $main }}">
        @if (session('status'))
            <p class="notice" role="status">{{ session('status') }}</p>
        @endif
        {{ $slot }}
    </main>
    <footer class="caution">
        {{ __('common.caution') }}
        <x-language-switch />
        @auth
            <div class="foot-tools">
                <x-main-menu />
                <x-unit-switch />
                <x-sign-out />
            </div>
        @endauth
    </footer>
</body>

</html>
