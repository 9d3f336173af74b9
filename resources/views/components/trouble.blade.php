@props(['code'])
<x-layout :title="__('errors.' . $code . '.title')" main="sign-in">
    <section class="card-work narrow">
        <p class="brand-large"><x-buckle-mark state="not_finished" :size="64" /> Mint Buckle</p>
        <h1>{{ __("errors.{$code}.title") }}</h1>
        <p>{{ __("errors.{$code}.what") }}</p>
        <p>{{ __("errors.{$code}.safe") }}</p>
        <p>{{ __("errors.{$code}.todo") }}</p>
        <a class="press" href="/">{{ __('errors.to_event') }}</a>
    </section>
</x-layout>
