@props(['table', 'first'])
<div class="scroll" tabindex="0" role="group" aria-label="{{ $first }}">
    <table>
        <thead>
            <tr>
                <th scope="col">{{ $first }}</th>
                @foreach ($table->columns as $column)
                    <th scope="col">@tell($column)</th>
                @endforeach
                <th scope="col">
                    {{ __('handbook.mark') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($table->rows as [$title, $values, $mark])
                <tr>
                    <th scope="row">@tell($title)</th>
                    @foreach ($values as $value)
                        <td>@tell($value)</td>
                    @endforeach
                    <td>
                        <abbr>@tell($mark)</abbr>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
