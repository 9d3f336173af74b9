@props(['tree', 'at', 'page', 'path', 'form' => null])
{{-- One question and what each answer leads to: hardware, kept at once, or the next question, opened below it. --}}
<div class="belt-question" data-question="{{ $at }}">
    <p><strong>@tell($tree->questions[$at]->question())</strong></p>
    @foreach ($tree->questions[$at]->answers as $answer)
        @if ($answer->leadsTo === null)
            <details>
                <summary class="choice">@tell($answer->answer)</summary>
                <p class="hint">{{ __('checks.belt_tree_stuck') }}</p>
            </details>
        @elseif (is_string($answer->leadsTo))
            <details>
                <summary class="choice">@tell($answer->answer)</summary><x-belt-tree :tree="$tree" :at="$answer->leadsTo" :page="$page"
                    :path="$path" :form="$form" />
            </details>
        @elseif ($form !== null)
            <button class="choice" form="{{ $form }}" name="f[{{ $path }}][answer]"
                value="{{ $answer->leadsTo->value }}">@tell($answer->answer)</button>
        @else
            <x-fact-form :page="$page" :path="$path">
                <legend class="visually-hidden">@tell($tree->questions[$at]->question())</legend><button class="choice" name="answer"
                    value="{{ $answer->leadsTo->value }}">@tell($answer->answer)</button>
            </x-fact-form>
        @endif
    @endforeach
</div>
