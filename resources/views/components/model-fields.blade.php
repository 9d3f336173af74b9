@props(['page', 'fields', 'name'])
@foreach ($page->inTurn($fields)[0] as $field)
    <x-model-field :field="$field" :page="$page" />
@endforeach
@if ($page->inTurn($fields)[1] !== [])
    <details class="rest" data-rest="{{ $name }}" @if ($page->isSaid($page->inTurn($fields)[1], $errors->keys())) open @endif>
        <summary>{{ __('catalogue.rest', ['n' => count($page->inTurn($fields)[1])]) }}</summary>
        <div class="two">
            @foreach ($page->inTurn($fields)[1] as $field)
                <x-model-field :field="$field" :page="$page" />
            @endforeach
        </div>
    </details>
@endif
