@use('App\FollowUps\FollowUpsPage')
<x-layout :title="__('follow_ups.title')" main="page">
    <x-slot:head><x-head :title="__('follow_ups.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('follow_ups.title') }}</h1>
        <p>{{ __('follow_ups.intro', ['n' => FollowUpsPage::AHEAD_DAYS]) }}</p>
        <a class="quiet" href="{{ route('recalls') }}#follow-up">{{ __('recalls.to_tell') }}</a>
        <a class="quiet" href="{{ route('follow-ups', ['all' => $page->all ? 0 : 1]) }}" data-all>{{ __($page->all
            ? 'follow_ups.soon' : 'follow_ups.all') }}</a>
    </div>
    @forelse ($page->families as $followUp)
        <article class="card-work follow-up" data-follow-up="{{ $followUp->kind->value }}"
            data-due="{{ $followUp->due_on->toDateString() }}">
            <h2>{{ $followUp->check->visit->family?->first_name }} <span>{{ __('follow_ups.of', [
                'kind' => $followUp->kind->title(),
                'seat' => trim("{$followUp->check->maker} {$followUp->check->model}"),
                'day' => $followUp->due_on,
                'past' => $page->isPast($followUp),
            ]) }}</span></h2>
            <p><strong>{{ $followUp->check->visit->family?->contact }}</strong></p>
            <blockquote lang="{{ $followUp->check->visit->language }}">
                @foreach ($page->words($followUp) as $words)
                    <p>{{ $words }}</p>
                @endforeach
            </blockquote>
            @if ($followUp->told_at !== null)
                <p data-told>{{ __('follow_ups.told', ['name' => (string) $followUp->teller?->name, 'day' => $followUp->told_at,
                    'mailed' => $followUp->mailed_at !== null]) }}</p>
            @endif
            @can('sign')
                <form method="post" action="{{ route('follow-ups.told', [$followUp->check_id, $followUp->kind->value]) }}" class="choices">
                    @csrf
                    @if ($followUp->told_at === null)
                        <button class="press" name="told" value="1">{{ __('recalls.tell') }}</button>
                        <button class="quiet" name="told" value="mail">{{ __('follow_ups.mail') }}</button>
                    @else
                        <button class="quiet" name="told" value="0">{{ __('follow_ups.untell') }}</button>
                    @endif
                </form>
            @endcan
        </article>
    @empty
        <p class="card-work empty">{{ __('follow_ups.nobody') }}</p>
    @endforelse
    <x-pages :pages="$page->families" />
</x-layout>
