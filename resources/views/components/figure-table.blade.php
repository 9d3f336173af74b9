@props(['table', 'page'])
<section class="card-work figures" aria-labelledby="figures-{{ $table->key }}" data-figures="{{ $table->key }}">
    <h2 id="figures-{{ $table->key }}">{{ __("report.tables.{$table->key}") }}</h2>
    @if (in_array($table->key, ['expected', 'codes', 'minutes'], true))
        <p class="hint">{{ __("report.notes.{$table->key}") }} <abbr title="{{ __('sources.kinds.common') }}">C</abbr></p>
    @endif
    <div class="figures-both">
        @if ($table->charted !== [])
            <div class="chart" data-chart data-most="{{ $table->key === 'expected' ? 100 : '' }}" role="img"
                aria-label="{{ __('report.chart', ['table' => __("report.tables.{$table->key}")]) }}"></div>
        @endif
        <div class="scroll" tabindex="0" role="group" aria-labelledby="figures-{{ $table->key }}">
            <table>
                <thead>
                    <tr>
                        <th scope="col"><span class="visually-hidden">{{ __('report.of') }}</span></th>
                        @foreach ($table->columns as $column)
                            <th scope="col" @if (in_array($column, $table->charted, true)) data-charted @endif>{{
                                __("report.columns.{$column}") }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($table->rows as $row)
                        <x-figure-row :row="$row" :columns="$table->columns" :listed="$page->listed($row, $table->key)" />
                    @endforeach
                </tbody>
            </table>
        </div>
    </div>
</section>
