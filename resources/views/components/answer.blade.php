@props(['row', 'page', 'id', 'kind', 'typed' => false])
@switch($kind)
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::YesNo)
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Choice)
        <div class="choices">
            @foreach ($row->choices as $value => $label)
                <button name="answer" value="{{ $value }}" id="{{ $id }}-{{ $value }}" @class(['choice', 'on' => App\Checks\FactText::isChosen($value, $row->value)]) aria-pressed="{{ App\Checks\FactText::isChosen($value, $row->value) ? 'true' : 'false' }}">{{ $label }}</button>
            @endforeach
        </div>
        @break
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Choices)
        <div class="choices">
            @foreach ($row->choices as $value => $label)
                <label class="choice tick"><input type="checkbox" name="answers[]" id="{{ $id }}-{{ $value }}" value="{{ $value }}" @checked(in_array($value, (array) $row->value, true))> <span>{{ $label }}</span></label>
            @endforeach
            <button class="keep">Keep</button>
            <button name="answer" value="nothing" @class(['choice', 'on' => $row->value === []])>None of these</button>
        </div>
        @break
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Length)
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Mass)
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Angle)
        <x-quantity-entry :row="$row" :page="$page" :id="$id" :unit="$page->units->for($kind)->symbol()" :typed="$typed" />
        @break
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Texts)
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Heights)
        <div class="lines">
            <textarea name="lines" rows="2" aria-label="{{ $row->askable->question }}">{{ $typed ? old('lines') : App\Checks\FactText::lines($row->value) }}</textarea>
            @if ($kind === MintBuckle\Core\Facts\Definition\AnswerKind::Heights)<input type="hidden" name="unit" value="{{ $page->units->length()->value }}"><span class="unit">in {{ $page->units->length()->value }}, unless a line says otherwise</span>@endif
            <button class="keep">Keep</button>
            <button name="answer" value="nothing" @class(['choice', 'on' => $row->value === []])>{{ $kind === MintBuckle\Core\Facts\Definition\AnswerKind::Heights ? 'It has none' : 'Nothing' }}</button>
        </div>
        @break
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Essentials)
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Approvals)
        <x-named-entry :row="$row" :id="$id" :essential="$kind === MintBuckle\Core\Facts\Definition\AnswerKind::Essentials" :typed="$typed" />
        @break
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Signature)
        <div class="choices">
            @if (is_object($row->value))<span class="signed">Signed by {{ ucfirst($row->value->id) }}</span>@endif
            <button class="choice" name="answer" value="sign">Sign as {{ auth()->user()?->name }}</button>
        </div>
        @break
    @case(MintBuckle\Core\Facts\Definition\AnswerKind::Elsewhere)
        @break
    @default
        <div class="entry">
            <input name="answer" id="{{ $id }}-text" aria-label="{{ $row->askable->question }}" value="{{ $typed ? old('answer') : App\Checks\FactText::typed($row) }}" type="{{ $kind === MintBuckle\Core\Facts\Definition\AnswerKind::Date ? 'date' : 'text' }}" @if (in_array($kind, [MintBuckle\Core\Facts\Definition\AnswerKind::Whole, MintBuckle\Core\Facts\Definition\AnswerKind::Share], true)) inputmode="decimal" @endif autocomplete="off">
            <button class="keep">Keep</button>
        </div>
@endswitch
