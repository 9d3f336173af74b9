@props(['page'])
{{-- A tight tether can hide a loose seat: how it was while the movement was tried is one press. --}}
<x-fact-form :page="$page" path="setup.movement.tether_loose" class="tether-tried" data-tether-tried>
    <div class="choices">
        @foreach (['yes' => true, 'no' => false] as $answer => $loose)
            <button name="answer" value="{{ $answer }}"
                @class(['choice', 'on' => $page->situation->setup()->movement->tetherLoose === $loose])
                aria-pressed="{{ $page->situation->setup()->movement->tetherLoose === $loose ? 'true' : 'false' }}">{{
                    __("checks.tether_tried.{$answer}") }}</button>
        @endforeach
    </div>
</x-fact-form>
