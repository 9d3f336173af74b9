@use('MintBuckle\Core\Report\FigureTable')
@use('MintBuckle\Core\Report\WholeFives')
@props(['row', 'columns', 'listed'])
<tr data-key="{{ $row->key }}">
    <th scope="row">
        @if ($listed === null)
            @says($row->name)
        @else
            <a href="{{ route('findings.checks', $listed) }}">@says($row->name)</a>
        @endif
        @if ($row->isCommon)
            <small class="common">{{ __('report.common') }}</small>
        @endif
    </th>
    @foreach ($columns as $column)
        <td data-value="{{ $row->cells[$column] }}" data-column="{{ $column }}">
            @if ($row->cells[$column] !== null)
                {{ __(in_array($column, FigureTable::SHARES, true) ? 'report.percent' : 'report.count', ['n' => $row->cells[$column]]) }}
            @elseif (! in_array($column, FigureTable::SHARES, true))
                {{ __('report.not_told', ['n' => WholeFives::STEP]) }}
            @endif
        </td>
    @endforeach
</tr>
