@use('Symfony\Component\Uid\UuidV7')
@props(['doubt', 'page'])
<section class="card-work name-doubt" data-doubt="{{ $doubt->path }}" aria-label="{{ __('checks.doubt.title') }}">
    <p><strong>@tell($doubt->told())</strong> {{ __('checks.doubt.so') }}</p>
    @if ($doubt->near !== [])
        <p>{{ __('checks.doubt.near') }}</p>
        <div class="choices">
            @foreach ($doubt->near as $near)
                @if ($near['id'] !== null && $doubt->path === 'seat.maker')
                    <form method="post" action="{{ $page->address('seat') }}">@csrf<input type="hidden" name="model"
                            value="{{ $near['id'] }}"><button class="choice" data-near="{{ $near['label'] }}">{{ $near['label'] }}</button>
                    </form>
                @else
                    <form method="post" action="{{ $page->factsUrl }}" hx-post="{{ $page->factsUrl }}">@csrf<input type="hidden"
                            name="id" value="{{ UuidV7::generate() }}"><input type="hidden" name="phase"
                            value="{{ $page->phase->value }}"><input type="hidden" name="key" value="{{ $doubt->path }}"><button
                            class="choice" name="answer" value="{{ $doubt->path === 'seat.maker' ? $near['maker'] : $near['model'] }}"
                            data-near="{{ $near['label'] }}">{{ $near['label'] }}</button></form>
                @endif
            @endforeach
        </div>
    @endif
    <form method="post" action="{{ $page->post('names') }}" hx-post="{{ $page->post('names') }}">@csrf<input type="hidden"
            name="id" value="{{ UuidV7::generate() }}"><input type="hidden" name="phase"
            value="{{ $page->phase->value }}"><input type="hidden" name="subject" value="{{ $doubt->subject() }}"><input type="hidden"
            name="note" value="{{ $doubt->typed }}"><input type="hidden" name="holds" value="1"><button class="quiet"
            data-confirm-name>{{ __('checks.doubt.spelt', ['name' => $doubt->typed]) }}</button></form>
</section>
