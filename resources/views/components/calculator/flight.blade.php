@props(['answer', 'page'])
<p>
    @says($answer->flight()->because)</p>
@if ($answer->flight()->steps !== [])
    <ol class="card-work">
        @foreach ($answer->flight()->steps as $step)
            <li>@says($step)</li>
        @endforeach
    </ol>
@endif
<p class="hint"><abbr title="{{ __("sources.kinds.{$answer->flight()->source->kind->value}") }}">{{
    $answer->flight()->source->kind->mark() }}</abbr>
    @tell($answer->flight()->source->text()).</p>
