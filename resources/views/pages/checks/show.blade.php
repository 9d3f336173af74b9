<x-layout :title="$page->title() . ' · ' . $page->station->title()" main="check-main">
    <x-slot:head>
        <x-head :title="$page->title()" :subtitle="$page->subtitle()">
            <nav class="switch" aria-label="Track">
                @foreach (App\Track::cases() as $track)
                    <a href="{{ $page->link($track) }}" @class(['on' => $track === $page->track]) @if ($track === $page->track) aria-current="true" @endif data-track="{{ $track->value }}">{{ $track->title() }}</a>
                @endforeach
            </nav>
        </x-head>
    </x-slot:head>
    <x-check :page="$page" />
    <x-keys />
</x-layout>
