<x-layout :title="__('checks.log.title')" main="page narrow-page">
    <x-slot:head><x-head :title="$page->check->title()" :subtitle="__('checks.log.title')"
        /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('checks.log.title') }}</h1>
        <a class="quiet" href="{{ route('checks.show', [$page->check->id, 'left', 'label']) }}">{{ __('checks.back') }}</a>
    </div>
    <p>{{ __('checks.log.kept') }}</p>
    <table class="card-work log">
        <thead>
            <tr>
                <th scope="col">{{ __('checks.log.when') }}</th>
                <th scope="col">{{ __('checks.log.who') }}</th>
                <th scope="col">{{ __('checks.phase') }}</th>
                <th scope="col">{{ __('checks.log.what') }}</th>
                <th scope="col">{{ __('checks.log.entered') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($page->lines as $line)
                <tr @class(['taken-back' => $line->takenBack || $line->takesBack]) data-log="{{ $line->fact?->key }}">
                    <td>{{ $line->fact === null ? '' : $page->check->visit->event->clock($line->fact->recorded_at, 'H:i:s') }}
                        @if ($line->seenEarlier())
                            <br><small>{{ __('checks.paper.seen', ['time' => $page->check->visit->event->clock($line->fact->observed_at)])
                                }}</small>
                        @endif
                    </td>
                    <td>{{ $line->fact?->author->name }}</td>
                    <td>@tell($line->fact?->phase->title())</td>
                    <td>@tell($line->what)</td>
                    <td>@tell($line->value)@if ($line->takenBack)
                            ({{ __('log.taken_back') }})
                        @endif
                        @if ($line->fact?->amends)
                            ({{ __('amend.mark') }})
                        @endif
                        @if ($line->fact?->affirmed)
                            ({{ __('log.affirmed') }})
                        @endif
                        @if ($line->note() !== null)
                            <br><small>@tell($line->note())</small>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($page->mayBecomeDrill)
        <form method="post" action="{{ route('practice.class.check', $page->check->id) }}" class="card-work">
            @csrf
            <input type="hidden" name="id" value="{{ Symfony\Component\Uid\UuidV7::generate() }}">
            <h2>{{ __('practice.class.from_check') }}</h2>
            <label class="tick"><input type="checkbox" name="consent" value="1"> <span>{{ __('practice.class.consent') }}</span></label>
            @error('consent')
                <p class="problem">{{ $message }}</p>
            @enderror
            <button class="quiet">{{ __('practice.class.make_drill') }}</button>
        </form>
    @endif
</x-layout>
