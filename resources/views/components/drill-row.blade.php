@props(['row', 'page'])
<details class="drill-row" id="{{ $row->id }}" data-path="{{ $row->path }}" @if ($row->named !== []) open @endif>
    <summary>@tell($row->label)</summary>
    <p class="drill-value">@tell($row->value)</p>
    @foreach ($row->named as $named)
        <x-drill-named :named="$named" :page="$page" />
    @endforeach
    @if ($row->mend !== null && ! $page->isEnded())
        <form id="mend-{{ $row->id }}" method="post" action="{{ route('practice.mend', $page->attempt) }}"
            hx-post="{{ route('practice.mend', $page->attempt) }}" hx-target="#drill" hx-swap="morph:outerHTML" class="drill-mend">
            @csrf
            <input type="hidden" name="path" value="{{ $row->path }}">
            <x-calculator.field :field="$row->mend" :units="$page->units" />
            <button class="press">{{ __('practice.put_right') }}</button>
        </form>
    @endif
    @if ($row->offered !== [])
        <form id="name-{{ $row->id }}" method="post" action="{{ route('practice.name', $page->attempt) }}"
            hx-post="{{ route('practice.name', $page->attempt) }}" hx-target="#drill" hx-swap="morph:outerHTML">
            @csrf
            <input type="hidden" name="path" value="{{ $row->path }}">
            <p class="hint">{{ __('practice.what') }}</p>
            <div class="choices">
                @foreach ($row->offered as $code => $title)
                    <button class="choice" name="code" value="{{ $code }}">@tell($title)</button>
                @endforeach
            </div>
        </form>
    @endif
</details>
