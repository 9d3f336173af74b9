<x-layout :title="__('bus.plan.title')" main="page">
    <x-slot:head><x-head :title="__('bus.plan.title')" :subtitle="__('bus.plan.subtitle')" /></x-slot:head>
    <h1>{{ __('bus.plan.title') }}</h1>
    <p class="empty">{{ __('bus.plan.no_layouts') }}</p>
    <p><a class="press" href="{{ route('bus.layouts.create') }}">{{ __('bus.layout.new') }}</a></p>
</x-layout>
