@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'about'])
{{-- A picture is shrunk on the device before it is sent: without scripts none is taken. --}}
<section class="photos card-work" data-photos="{{ $about->value }}" aria-label="{{ __("checks.photos.{$about->value}") }}">
    <h2>{{ __("checks.photos.{$about->value}") }}</h2>
    @foreach ($page->photos() as $photo)
        <figure data-photo="{{ $photo->id }}">
            <a href="{{ route('photos.show', $photo->id) }}"><img src="{{ route('photos.show', $photo->id) }}" loading="lazy"
                    alt="{{ __('checks.photos.number', ['n' => $loop->iteration]) }}" width="120" height="90"></a>
            @unless ($page->signed)
                <form method="post" action="{{ route('photos.destroy', $photo->id) }}" hx-post="{{ route('photos.destroy', $photo->id) }}">
                    @csrf
                    @method('DELETE')
                    <input type="hidden" name="phase" value="{{ $page->phase->value }}">
                    <input type="hidden" name="station" value="{{ $page->station->value }}">
                    <button class="plain">{{ __('checks.photos.away', ['n' => $loop->iteration]) }}</button>
                </form>
            @endunless
        </figure>
    @endforeach
    @unless ($page->signed)
        <form method="post" action="{{ $page->post('photos') }}" hx-post="{{ $page->post('photos') }}" enctype="multipart/form-data"
            hx-encoding="multipart/form-data" data-photo-form hidden>
            @csrf
            <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
            <input type="hidden" name="phase" value="{{ $page->phase->value }}">
            <input type="hidden" name="about" value="{{ $about->value }}">
            <label class="quiet photo-take">{{ __('checks.photos.take') }}
                <input name="photo" type="file" accept="image/*" data-photo-file></label>
        </form>
    @endunless
</section>
