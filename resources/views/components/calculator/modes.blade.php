@use('MintBuckle\Core\Telling\Listing')
@props(['answer', 'page'])
<x-drawing.mode-plane :drawing="$answer->plane()" press="none" />
<ul class="card-work modes">
    @foreach ($answer->assessment->computed()->modes as $fit)
        <li data-mode="{{ $fit->mode->value }}"><x-truth-mark :truth="$fit->fits" />
            <strong>{{ $fit->mode->title() }}</strong>:
            {{ ['Yes' => 'fits', 'No' => 'does not fit', 'Unknown' => 'not known yet'][$fit->fits->name] }}@if ($fit->because() !== []),
            @tell(Listing::clauses($fit->because()))@endif
        </li>
    @endforeach
</ul>
