@use('MintBuckle\Core\Facts\Definition\AnswerKind')
@use('App\Checks\FactText')
@props(['row', 'page', 'where'])
<form method="post" action="{{ $page->factsUrl }}" novalidate hx-post="{{ $page->factsUrl }}" id="{{ $row->id($where) }}"
    @class(['row-fact', 'asked' => $row->asked, 'kind-' . $row->askable->kind->value]) data-path="{{ $row->path }}">
    @include('components.fact-fields', ['path' => $row->path, 'phase' => null, 'onward' => $where === 'next'])
    <fieldset @disabled($page->signed)>
        <legend>@tell($where === 'next' || $row->asked ? $row->askable->question() : $row->askable->short())</legend>
        @include('components.answer', [
            'kind' => $row->askable->kind,
            'id' => $row->id($where),
            'typed' => $page->isProblemOf($row),
        ])
        @if ($where === 'next' && $row->askable->kind !== AnswerKind::Elsewhere)
            <button class="plain" name="answer" value="unknown">{{ __($row->askable->kind === AnswerKind::PartialDate
                ? 'checks.no_stamp'
                : 'checks.cannot_tell') }}</button>
        @endif
        @if ($where === 'next' && $page->isFromManual($row))
            <a class="plain" href="{{ $page->address('manual') }}">{{ __('checks.manual.all') }}</a>
        @endif
        @if ($page->isProblemOf($row))
            <p class="problem" role="alert">{{ $page->problem }}</p>
            @if ($page->readings !== [])
                <div class="choices">
                    @foreach ($page->readings as $reading)
                        <button class="choice" name="answer" value="{{ $reading }}" data-reading="{{ $reading }}">@tell($reading)</button>
                    @endforeach
                </div>
            @endif
        @endif
        @if ($row->asked)
            @include('components.hint', ['of' => $row->askable])
        @endif
        @if ($row->found !== null)
            <p class="was">{{ __($row->stale ? 'checks.was_stale' : 'checks.was', ['value' => FactText::of($row, $row->found)]) }}</p>
        @endif
    </fieldset>
</form>
