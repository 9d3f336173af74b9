<x-layout :title="__('stand_ins.manual')" main="page">
    <x-slot:head><x-head :title="__('stand_ins.title')" :subtitle="__('stand_ins.manual_line')" /></x-slot:head>
    <article class="paper manual">
        <header>
            <h1>Tolwyn TW-5 Harbour</h1>
            <p>{{ __('stand_ins.made_up') }}</p>
        </header>
        <h2>{{ __('stand_ins.glance') }}</h2>
        <p>{{ __('stand_ins.seat') }}</p>
        <h2>{{ __('stand_ins.rear') }}</h2>
        <p>{{ __('stand_ins.rear_text') }}</p>
        <h2>{{ __('stand_ins.forward') }}</h2>
        <p>{{ __('stand_ins.forward_text') }}</p>
        <h2>{{ __('stand_ins.harness') }}</h2>
        <p>{{ __('stand_ins.harness_text') }}</p>
        <footer>
            <p>{{ __('stand_ins.stand_in') }} <a href="{{ route('seats.create') }}">{{ __('stand_ins.enter') }}</a></p>
        </footer>
    </article>
</x-layout>
