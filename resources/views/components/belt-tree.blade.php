@props(['tree', 'at', 'page', 'path', 'form' => null])
{{-- One question and what each answer leads to: hardware, kept at once, or the next question, opened below it. --}}
<div class="belt-question" data-question="{{ $at }}">
    <p><strong>{{ $tree->questions[$at]->question }}</strong></p>
    @foreach ($tree->questions[$at]->answers as $label => $leadsTo)
        @if ($leadsTo === null)
            <details>
                <summary class="choice">{{ $label }}</summary>
                <p class="hint">Look in the vehicle’s manual, or choose another place.</p>
            </details>
        @elseif (is_string($leadsTo))
            <details>
                <summary class="choice">{{ $label }}</summary><x-belt-tree :tree="$tree" :at="$leadsTo" :page="$page"
                    :path="$path" :form="$form" />
            </details>
        @elseif ($form !== null)
            <button class="choice" form="{{ $form }}" name="f[{{ $path }}][answer]"
                value="{{ $leadsTo->value }}">{{ $label }}</button>
        @else
            <x-fact-form :page="$page" :path="$path">
                <legend class="visually-hidden">{{ $tree->questions[$at]->question }}</legend><button class="choice" name="answer"
                    value="{{ $leadsTo->value }}">{{ $label }}</button>
            </x-fact-form>
        @endif
    @endforeach
</div>
