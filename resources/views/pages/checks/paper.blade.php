<x-layout :title="__('checks.paper.title')" main="sheet">
    <x-slot:head><x-head :title="__('checks.paper.title')" /></x-slot:head>
    <div class="sheet-tools no-print">
        <a class="quiet" href="{{ route('event') }}">{{ __('common.back_to_event') }}</a>
        <button class="press" type="button" data-print hidden>{{ __('common.print') }}</button>
        <p>{{ __('checks.paper.intro') }}</p>
    </div>
    <article class="paper paper-check">
        <h1>{{ __('checks.paper.title') }}</h1>
        <p class="blanks"><span>{{ __('visits.ticket_word') }}</span><span>{{ __('checks.paper.child') }}</span><span>{{
            __('checks.paper.vehicle') }}</span><span>{{ __('checks.paper.technician') }}</span><span>{{ __('checks.paper.found_at')
            }}</span><span>{{ __('checks.paper.left_at') }}</span></p>
        @foreach ($page->stations() as $station)
            <section>
                <h2>{{ $loop->iteration }} @tell($station->title())</h2>
                <table>
                    <thead>
                        <tr>
                            <th scope="col">{{ __('checks.paper.question') }}</th>
                            <th scope="col">@tell(MintBuckle\Core\Record\InspectionPhase::Found->title())</th>
                            <th scope="col">@tell(MintBuckle\Core\Record\InspectionPhase::Left->title())</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($page->at($station) as $askable)
                            <tr>
                                <th scope="row">@tell($askable->short())</th>
                                @foreach (['found', 'left'] as $phase)
                                    <td>
                                        @foreach ($page->boxes($askable) as $box)
                                            <span class="box">@tell($box)</span>
                                        @endforeach
                                    </td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endforeach
        <p class="fine">{{ __('checks.paper.foot') }}</p>
    </article>
</x-layout>
