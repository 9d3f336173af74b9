@use('App\Catalogue\Notation')
@props(['heading', 'fields', 'typed'])
<section class="card-work">
    <h2>{{ $heading }}</h2>
    <dl class="rules">
        @foreach ($fields as $field)
            @isset($typed[$field->path])
                <div data-rule-of="{{ $field->path }}">
                    <dt>@tell($field->label)</dt>
                    <dd>@tell($field->kind->isChosen()
                        ? $field->answer($typed[$field->path])
                        : Notation::told($field, $typed[$field->path]))</dd>
                </div>
            @endisset
        @endforeach
    </dl>
</section>
