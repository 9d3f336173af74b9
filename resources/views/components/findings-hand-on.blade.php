@props(['page'])
<section class="card-work" aria-labelledby="hand-on-title">
    <h2 id="hand-on-title">{{ __('report.for.others') }}</h2>
    <p>{{ __('report.hand_on.how') }}</p>
    <p class="hint">{{ __('report.hand_on.kinds') }}</p>
    @if ($page->waiting > 0)
        <p>{{ __('report.hand_on.waiting', ['n' => $page->waiting]) }}</p>
        @can('manage')
            <form method="post" action="{{ route('findings.hand-on', $page->filter->query()) }}">
                @csrf
                <button class="press" data-hand-on>{{ __('report.hand_on.make') }}</button>
            </form>
        @endcan
    @endif
</section>
