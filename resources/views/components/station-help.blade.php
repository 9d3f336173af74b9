
@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Facts\BusSystem')
@use('MintBuckle\Core\Finding\Station')
@props(['page', 'situation'])
@switch($page->station)
    @case(Station::Label)
        @if ($page->phase === InspectionPhase::Found && !$page->signed)
            @include('components.seen-before', ['seen' => $page->seenBefore()])
        @endif
    @break

    @case(Station::Child)
        @if ($page->assessment->computed()->changeover !== null)
            <x-steps-panel :title="__('checks.changeover', ['mode' => $page->assessment->computed()->changeover->to->told()])"
                :steps="$page->assessment->computed()->changeover->steps" />
        @endif
    @break

    @case(Station::Secure)
        @if ($page->assessment->computed()->beltLock !== null && $situation->isHarness() && !$situation->onlyAnchorsHold())
            @include('components.lock-ways', ['computed' => $page->assessment->computed()])
        @endif
        @if ($situation->place !== null && !$situation->onlyAnchorsHold())
            <details class="card-work panel" data-belt-tree>
                <summary>{{ __('checks.which_belt') }}</summary>
                <div class="belt-trees">
                    <x-belt-tree :tree="$page->beltTree()" at="slow_pull" :page="$page" :path="$situation->placePath('retractor')" />
                    <x-belt-tree :tree="$page->beltTree()" at="slide" :page="$page" :path="$situation->placePath('latch_plate')" />
                </div>
            </details>
        @endif
        @if ($page->phase === InspectionPhase::Left)
            @foreach ($page->help() as $help)
                @include('components.help-panel', ['help' => $help])
            @endforeach
        @endif
        @if ($situation->isHarness())
            <x-steps-panel :title="__('checks.taking_out')" :steps="$page->takingOut()" />
        @endif
    @break

    @case(Station::Bus)
        @if ($situation->system === BusSystem::Vest)
            <p><a class="quiet" href="{{ route('bus.vest', ['check' => $page->check->id]) }}" data-vest-guide>{{ __('vest.title') }}</a></p>
        @endif
    @break

    @default
        @if ($page->phase === InspectionPhase::Left || $page->station === Station::Measure)
            @foreach ($page->help() as $help)
                @include('components.help-panel', ['help' => $help])
            @endforeach
        @endif
@endswitch
