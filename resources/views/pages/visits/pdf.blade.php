<!DOCTYPE html>
<html lang="{{ $page->languages[0] }}">

<head>
    <meta charset="utf-8">
    <meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src file: 'unsafe-inline'; font-src file:; img-src data:">
    <title>{{ __('sheet.title') }} · {{ __('visits.ticket', ['ticket' => $page->visit->ticket]) }}</title>
    <link rel="stylesheet" href="sheet.css">
    <style>
        @page { size: {{ $size }}; }
    </style>
</head>

<body>
    <main class="sheet">
        <x-sheet-paper :page="$page" />
    </main>
</body>

</html>
