@use('MintBuckle\Core\Telling\Listing')
@props(['answer', 'page'])
<x-drawing.mode-plane :drawing="$answer->plane()" press="none" />
<ul class="card-work modes">
    @foreach ($answer->assessment->computed()->modes as $fit)
        <li data-mode="{{ $fit->mode->value }}"><x-truth-mark :truth="$fit->fits" />
            <strong>@tell($fit->mode->title())</strong>
            {{ __('calculators.modes.fits', [
                'fits' => strtolower($fit->fits->name),
                'told' => $fit->because() !== [],
                'because' => Listing::clauses($fit->because()),
            ]) }}
        </li>
    @endforeach
</ul>
