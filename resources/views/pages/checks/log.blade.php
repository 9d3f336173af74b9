<x-layout title="Every entry" main="page narrow-page">
    <x-slot:head><x-head :title="'Ticket ' . $page->check->visit->ticket . ' · Child ' . $page->check->letter" subtitle="Every entry"
        /></x-slot:head>
    <div class="page-top">
        <h1>Every entry</h1>
        <a class="quiet" href="{{ route('checks.show', [$page->check->id, 'left', 'label']) }}">Back to the check</a>
    </div>
    <p>Nothing is ever overwritten: a later entry counts, an earlier one stays. Latest first.</p>
    <table class="card-work log">
        <thead>
            <tr>
                <th scope="col">When</th>
                <th scope="col">Who</th>
                <th scope="col">Phase</th>
                <th scope="col">What</th>
                <th scope="col">Entered</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($page->lines as $line)
                <tr @class(['taken-back' => $line->takenBack || $line->takesBack]) data-log="{{ $line->fact?->key }}">
                    <td>{{ $line->fact === null ? '' : $page->check->visit->event->clock($line->fact->recorded_at, 'H:i:s') }}</td>
                    <td>{{ $line->fact?->author->name }}</td>
                    <td>{{ $line->fact?->phase->title() }}</td>
                    <td>@tell($line->what)</td>
                    <td>@tell($line->value){{ $line->takenBack ? ' (taken back)' : '' }}@if ($line->fact?->note)
                            <br><small>{{ $line->fact->note }}</small>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</x-layout>
