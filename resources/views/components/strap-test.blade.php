@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'test'])
{{-- Which test it was and how it came out, in one press. --}}
<x-fact-form :page="$page" path="setup.harness.tightness.passes" class="strap-test" onward data-strap-test="{{ $test->value }}">
    <legend>{{ __("checks.strap_test.{$test->value}.title") }}</legend>
    <input type="hidden" name="with" value="setup.harness.tightness.test {{ $test->value }}">
    <input type="hidden" name="with_id" value="{{ UuidV7::generate() }}">
    <div class="choices">
        @foreach (['yes', 'no'] as $passes)
            <button class="choice" name="answer" value="{{ $passes }}">{{ __("checks.strap_test.{$test->value}.{$passes}") }}</button>
        @endforeach
    </div>
</x-fact-form>
