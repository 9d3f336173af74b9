@use('MintBuckle\Core\Catalogue\SeatKind')
<x-layout :title="__('catalogue.enter')" main="page">
    <x-slot:head><x-head :title="__('catalogue.title')" :subtitle="__('catalogue.new')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('catalogue.which_kind') }}</h1>
        <p>{{ __('catalogue.kind_first') }}</p>
    </div>
    <ul class="calculators">
        @foreach (SeatKind::cases() as $kind)
            <li><a class="card-work" href="{{ route('seats.create', ['kind' => $kind->value]) }}"
                    data-kind="{{ $kind->value }}"><strong>@says(__("catalogue.kinds.{$kind->value}"))</strong>
                    <span>
                        @foreach ($kind->modes() as $mode)
                            @tell($mode->title())@if (! $loop->last), @endif
                        @endforeach
                    </span></a></li>
        @endforeach
    </ul>
</x-layout>
