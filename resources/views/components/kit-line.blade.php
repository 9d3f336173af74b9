@props(['line'])
<tr @class(['warned' => $line->isLow()]) data-kit="{{ $line->item->value }}" data-left="{{ $line->left ?? 'unknown' }}">
    <th scope="row">{{ __("kit.items.{$line->item->value}") }}@if ($line->isLow()), {{ __('kit.low') }}@endif</th>
    <td data-label="{{ __('kit.columns.left') }}">{{ $line->left ?? __('kit.not_counted') }}</td>
    <td data-label="{{ __('kit.columns.taken') }}">{{ $line->taken }}</td>
    <td>
        @can('record')
            <form method="post" action="{{ route('kit.store') }}" class="kit-form">
                @csrf
                <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid7() }}">
                <input type="hidden" name="item" value="{{ $line->item->value }}">
                <input name="count" inputmode="numeric" required aria-label="{{ __('kit.count_of', [
                    'item' => __("kit.items.{$line->item->value}")]) }}">
                @foreach (['counted', 'added', 'gone'] as $way)
                    <button class="quiet" name="way" value="{{ $way }}">{{ __("kit.ways.{$way}") }}</button>
                @endforeach
            </form>
        @endcan
    </td>
    <td data-label="{{ __('kit.columns.minimum') }}">
        @can('manage')
            <input form="minima" name="minima[{{ $line->item->value }}]" value="{{ $line->minimum ?: '' }}" inputmode="numeric"
                aria-label="{{ __('kit.minimum_of', ['item' => __("kit.items.{$line->item->value}")]) }}">
        @else
            {{ $line->minimum ?: '' }}
        @endcan
    </td>
</tr>
