@props(['title', 'what', 'safe', 'todo'])
<x-layout :title="$title" main="sign-in">
    <section class="card-work narrow">
        <p class="brand-large"><x-buckle-mark state="not_finished" :size="64" /> Mint Buckle</p>
        <h1>{{ $title }}</h1>
        <p>{{ $what }}</p>
        <p>{{ $safe }}</p>
        <p>{{ $todo }}</p>
        <a class="press" href="/">To the event</a>
    </section>
</x-layout>
