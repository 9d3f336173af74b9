<x-layout :title="__('stand_ins.labels')" main="page">
    <x-slot:head><x-head :title="__('stand_ins.title')" :subtitle="__('stand_ins.labels_line')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('stand_ins.labels') }}</h1>
        <p>{{ __('stand_ins.labels_hint') }}</p><a class="quiet"
            href="{{ route('stand-ins.manual') }}">{{ __('stand_ins.manual') }}</a>
    </div>
    <ul class="labels">
        @foreach ($labels as $label)
            <li class="card-work" data-label="{{ $label['model']->model }}">
                <div data-qr="{{ $label['code'] }}"></div>
                <p><strong>{{ $label['model']->maker }}</strong><br>{{ __('stand_ins.model', ['model' => $label['model']->model, 'name' =>
                    $label['model']->name]) }}<br>{{ __('stand_ins.serial', ['serial' => $label['serial']]) }}<br>{{ __('stand_ins.made')
                        }}</p>
            </li>
        @endforeach
    </ul>
    <noscript>
        <p class="notice">{{ __('stand_ins.no_script') }}</p>
    </noscript>
</x-layout>
