<x-layout title="Labels to print" main="page">
    <x-slot:head><x-head title="Stand-ins" subtitle="Labels to print and to hold before a camera" /></x-slot:head>
    <div class="page-top">
        <h1>Labels to print</h1>
        <p>Made-up seats, for practice and for tests. No real seat carries these.</p><a class="quiet"
            href="{{ route('stand-ins.manual') }}">A manual’s page</a>
    </div>
    <ul class="labels">
        @foreach ($labels as $label)
            <li class="card-work" data-label="{{ $label['model']->model }}">
                <div data-qr="{{ $label['code'] }}"></div>
                <p><strong>{{ $label['model']->maker }}</strong><br>Model {{ $label['model']->model }},
                    {{ $label['model']->name }}<br>Serial {{ $label['serial'] }}<br>Made 2024-05-17</p>
            </li>
        @endforeach
    </ul>
    <noscript>
        <p class="notice">The codes are drawn by a script; without it the printed words remain.</p>
    </noscript>
</x-layout>
