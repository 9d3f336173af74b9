@use('MintBuckle\Core\Bus\Trip\TripOutcome')
@props(['bench', 'page'])
<section class="card-work trip-bench">
    <h2>@tell($bench->title)</h2>
    <ul>
        @foreach ($bench->lines as $line)
            <li class="trip-line" data-item="{{ $line->item->key }}" data-state="{{ $line->state() }}">
                <p><x-buckle-mark :size="30" :state="match ($line->state()) {
                    'right', 'put_right' => 'good_to_ride',
                    'left_out' => 'do_not_use',
                    default => 'not_finished',
                }" /> <span>@says($line->item->told())
                    @if ($line->seen() !== null)
                        <br><small>@says($line->seen())</small>
                    @endif
                </span></p>
                @if ($page->isOpen())
                    <div class="trip-answers no-print">
                        @if ($line->mark === null)
                            <x-trip-form :page="$page" :items="[$line->item->key]">
                                <button class="choice" name="outcome" value="{{ TripOutcome::Right->value }}">{{
                                    __('trips.right') }}</button>
                            </x-trip-form>
                        @endif
                        <details>
                            <summary @class(['choice' => $line->mark === null, 'plain' => $line->mark !== null])>{{
                                __($line->mark === null ? 'trips.not_so' : 'trips.look_again') }}</summary>
                            <x-trip-form :page="$page" :items="[$line->item->key]" kind="found">
                                <x-trip-faults :line="$line" />
                            </x-trip-form>
                        </details>
                    </div>
                @endif
            </li>
        @endforeach
    </ul>
    @if ($page->isOpen() && count($bench->open()) > 1)
        <x-trip-form :page="$page" :items="$bench->open()" kind="rest">
            <button class="press" name="outcome" value="{{ TripOutcome::Right->value }}" data-all-right>{{
                __('trips.rest', ['n' => count($bench->open())]) }}</button>
        </x-trip-form>
    @endif
</section>
