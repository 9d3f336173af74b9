@use('App\Findings\FindingsFilter')
@props(['seen'])
@if ($seen !== null)
    <aside class="seen-before" data-seen="{{ $seen->model === null ? 'kind' : 'model' }}">
        <h3>{{ $seen->model === null
            ? __('report.seen.of_kind', ['kind' => __(FindingsFilter::word($seen->kind))])
            : __('report.seen.of_model', ['model' => $seen->model]) }}</h3>
        <p>@tell($seen->lesson->erring())
            @if ($seen->lesson->errors() !== null)
                @tell($seen->lesson->errors())
            @endif
        </p>
    </aside>
@endif
