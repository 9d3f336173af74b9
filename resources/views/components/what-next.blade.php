@props(['next'])
@if ($next !== [])
    <h3>{{ __('sheet.next') }}</h3>
    <dl class="what-next" data-next>
        @foreach ($next as $step)
            <div>
                <dt>@says($step['title'])</dt>
                <dd><strong>@says($step['when'])</strong>
                    @foreach ($step['why'] as $why)
                        @says($why)@if (! $loop->last) · @endif
                    @endforeach
                </dd>
            </div>
        @endforeach
    </dl>
@endif
