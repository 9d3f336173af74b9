@use('MintBuckle\Core\Card\ShownHow')
@props(['step', 'signed'])
<div class="choices" role="group" aria-label="{{ __('checks.card.step', ['step' => $step['number']]) }}">
    @foreach (ShownHow::cases() as $how)
        <button name="how" value="{{ $how->value }}" @class(['choice', 'on' => $how === $step['how']]) @disabled($signed)
            aria-pressed="{{ $how === $step['how'] ? 'true' : 'false' }}">{{ __("checks.card.how.{$how->value}") }}</button>
    @endforeach
</div>
