@use('MintBuckle\Core\Drill\DrillLook')
<x-layout :title="$sheet->set->title" main="sheet">
    <x-slot:head><x-head :title="__('practice.title')" :subtitle="$sheet->set->title" /></x-slot:head>
    <div class="sheet-tools no-print">
        <a class="quiet" href="{{ route('practice.class.show', $sheet->set) }}">{{ $sheet->set->title }}</a>
        <button class="press" type="button" data-print hidden>{{ __('common.print') }}</button>
    </div>
    @foreach ($sheet->drills as $number => $drill)
        <div class="paper drill-paper drill-open">
            <h1>{{ __('practice.class.paper', ['title' => $sheet->set->title, 'n' => $loop->iteration]) }}</h1>
            <div class="drill-drawings">
                @if ($sheet->front($drill['scene']->shown) !== null)
                    <x-drawing.buckle-front :drawing="$sheet->front($drill['scene']->shown)" name="paper-{{ $number }}" />
                @else
                    <x-drawing.bench-view :drawing="$sheet->bench($drill['scene']->shown)" />
                @endif
            </div>
            <div class="drill-seen">
                @foreach ($sheet->seen($drill['scene']) as $look => $rows)
                    <section>
                        <h2>@tell(DrillLook::from($look)->title())</h2>
                        <ul>
                            @foreach ($rows as [$label, $value])
                                <li>@tell($label): @tell($value)</li>
                            @endforeach
                        </ul>
                    </section>
                @endforeach
            </div>
            <p class="drill-write">{{ __('practice.class.write', ['n' => count($drill['faults'])]) }}</p>
        </div>
    @endforeach
    <div class="paper drill-key">
        <h1>{{ __('practice.class.key', ['title' => $sheet->set->title]) }}</h1>
        <ol>
            @foreach ($sheet->drills as $drill)
                <li>
                    <ul>
                        @foreach ($drill['faults'] as $finding)
                            <li>@says($finding->message()) @says($finding->remedy())</li>
                        @endforeach
                    </ul>
                </li>
            @endforeach
        </ol>
        <p class="fine">{{ __('practice.caution') }}</p>
    </div>
</x-layout>
