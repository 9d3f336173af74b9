@use('MintBuckle\Core\Record\InspectionPhase')
<x-layout :title="$page->heading()" main="check-main">
    <x-slot:head>
        <x-head :title="$page->title()" :subtitle="$page->subtitle()">
            <nav class="switch phases" aria-label="{{ __('checks.phase') }}">
                @foreach (InspectionPhase::cases() as $phase)
                    <a href="{{ $page->link($phase) }}" @class(['on' => $phase === $page->phase])
                        @if ($phase === $page->phase) aria-current="true" @endif
                        data-phase="{{ $phase->value }}">@tell($phase->title())</a>
                @endforeach
            </nav>
        </x-head>
    </x-slot:head>
    <x-check :page="$page" />
    <x-keys />
</x-layout>
