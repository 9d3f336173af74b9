<nav class="main-menu" aria-label="{{ __('common.menu') }}">
    <a href="{{ route('seats.index') }}">{{ __('catalogue.title') }}</a>
    <a href="{{ route('recalls') }}">{{ __('recalls.title') }}</a>
    <a href="{{ route('calculators.index') }}">{{ __('calculators.title') }}</a>
    <a href="{{ route('bus.index') }}">{{ __('bus.title') }}</a>
    <a href="{{ route('practice') }}">{{ __('practice.title') }}</a>
    <a href="{{ route('findings') }}">{{ __('report.title') }}</a>
    <a href="{{ route('handbook') }}">{{ __('handbook.title') }}</a>
    @can('manage')
        <a href="{{ route('people') }}">{{ __('accounts.people') }}</a>
    @endcan
</nav>
