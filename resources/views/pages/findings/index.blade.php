<x-layout :title="__('report.title')" main="page">
    <x-slot:head><x-head :title="__('report.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('report.title') }}</h1>
        <p>{{ __('report.intro') }}</p>
    </div>
    <x-findings-filter :page="$page" />
    <div id="findings" data-charts>
        <p class="counted" role="status">@tell($page->about())</p>
        @if ($page->filter->handOn)
            <x-findings-hand-on :page="$page" />
        @endif
        @if ($page->isEmpty())
            <p class="card-work empty">{{ __($page->whyEmpty(), ['n' => $page->made]) }}</p>
        @else
            @foreach ($page->tables as $table)
                <x-figure-table :table="$table" :page="$page" />
            @endforeach
            <x-hard-models :models="$page->models" />
            <div class="actions findings-tools">
                @can('manage')
                    <a class="press" href="{{ route('findings.file', $page->filter->query()) }}" data-file>{{
                        __($page->filter->handOn ? 'report.file_others' : 'report.file') }}</a>
                    @if ($page->filter->event !== null && ! $page->filter->handOn)
                        <a class="quiet" href="{{ route('events.cases', $page->filter->event) }}">{{ __('events.cases') }}</a>
                    @endif
                @endcan
                <button class="quiet" type="button" data-print hidden>{{ __('common.print') }}</button>
            </div>
        @endif
    </div>
</x-layout>
