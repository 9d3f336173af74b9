@use('App\Accounts\OwnRecord')
<x-layout :title="__('accounts.record.title')" main="page">
    <x-slot:head><x-head :title="__('accounts.record.title')" :subtitle="$record->person->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('accounts.record.of', ['name' => $record->person->name]) }}</h1>
        <p>{{ __('accounts.record.intro') }}</p>
        <a class="quiet" href="{{ route('account.export') }}">{{ __('accounts.record.csv') }}</a>
        <button class="quiet" type="button" data-print>{{ __('common.print') }}</button>
        <a class="quiet" href="{{ route('account') }}">{{ __('accounts.record.back') }}</a>
    </div>
    <section class="card-work" aria-labelledby="sums-title">
        <h2 id="sums-title">{{ __('accounts.record.sums', [
            'checks' => $record->checks(), 'seconds' => $record->seconds(), 'hours' => $record->hours()]) }}</h2>
        <div class="two">
            @foreach (['kind' => $record->byKind(), 'place' => $record->byPlace()] as $by => $counts)
                <div>
                    <h3>{{ __("accounts.record.by.{$by}") }}</h3>
                    <ul class="event-list">
                        @foreach ($counts as $what => $count)
                            <li data-count="{{ $what }}">
                                <span>{{ $by === 'kind' ? OwnRecord::kind($what) : OwnRecord::place($what) }}</span>
                                <span>{{ $count }}</span></li>
                        @endforeach
                    </ul>
                </div>
            @endforeach
        </div>
    </section>
    <section class="card-work events-group scroll" tabindex="0" aria-labelledby="list-title">
        <h2 id="list-title">{{ __('accounts.record.list') }}</h2>
        @if ($record->signed === [])
            <p class="empty">{{ __('accounts.record.none') }}</p>
        @endif
        <table class="booking-list">
            @foreach ($record->signed as $one)
                <tr data-signed="{{ $one->check }}">
                    <td>{{ __('accounts.record.day', ['day' => $one->day]) }}</td>
                    <td>{{ $one->event }}</td>
                    <td>{{ $one->ticket }}</td>
                    <td>{{ $one->seat }}</td>
                    <td>{{ OwnRecord::kind($one->kind) }}</td>
                    <td>{{ OwnRecord::place($one->place) }}</td>
                    <td>{{ __($one->as()) }}</td>
                </tr>
            @endforeach
        </table>
    </section>
</x-layout>
