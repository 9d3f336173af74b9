@props(['page', 'comparison'])
@if ($comparison->figures !== [])
    <section class="card-work" aria-labelledby="figures-title">
        <h2 id="figures-title">{{ __('own_practice.compare.figures') }}</h2>
        <div class="scroll" tabindex="0" role="group" aria-labelledby="figures-title">
            <table>
                <thead>
                    <tr>
                        <th scope="col">{{ __('own_practice.compare.figure') }}</th>
                        <th scope="col">@says($page->here())</th>
                        <th scope="col">@says($page->there())</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($comparison->figures as $pair)
                        <tr data-figure="{{ $pair->figure->value }}">
                            <th scope="row">{{ __("own_practice.figures.{$pair->figure->value}") }}</th>
                            @foreach ([[$pair->here, $pair->hereSources], [$pair->there, $pair->thereSources]] as [$practice, $sources])
                                <td>@tell($pair->figure->told($practice))
                                    @if ($pair->figure->printed($practice) !== null)
                                        <span class="fine">({{ $pair->figure->printed($practice) }})</span>
                                    @endif
                                    @foreach ($sources as $source)
                                        <abbr title="{{ __("sources.kinds.{$source->kind->value}") }}">{{ $source->kind->mark() }}</abbr>
                                        <span class="fine">@tell($source->text())</span>
                                    @endforeach
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </section>
@endif
