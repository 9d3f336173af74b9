@use('MintBuckle\Core\Record\AnnotationKind')
@use('Symfony\Component\Uid\UuidV7')
@props(['card', 'page'])
<form class="decline" method="post" action="{{ $page->post('declines') }}" hx-post="{{ $page->post('declines') }}">
    @csrf
    <input type="hidden" name="id" value="{{ UuidV7::generate() }}"><input type="hidden" name="phase"
        value="{{ $page->phase->value }}"><input type="hidden" name="subject" value="{{ $card->subject }}">
    @if ($card->declined)
        <input type="hidden" name="holds" value="0"><button class="plain">{{ __('checks.decline.agrees') }}</button>
    @else
        <input type="hidden" name="holds" value="1">
        <label class="hint" for="why-{{ strtr($card->subject, './', '--') }}">{{ __('checks.decline.because') }}</label>
        <input id="why-{{ strtr($card->subject, './', '--') }}" name="note" autocomplete="off">
        <button class="plain">{{ __('checks.decline.keep') }}</button>
        @if ($page->problemKey === AnnotationKind::Declined->key($card->subject))
            <p class="problem" role="alert">{{ $page->problem }}</p>
        @endif
    @endif
</form>
