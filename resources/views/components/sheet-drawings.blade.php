@props(['drawings', 'letter'])
<div class="sheet-drawings">
    @if ($drawings->situation->isHarness())
        <x-drawing.seat-side :drawing="$drawings->side()" :name="'sheet-' . $letter" press="none" />
    @endif
    <x-drawing.buckle-front :drawing="$drawings->front()" :name="'sheet-' . $letter" press="none" />
</div>
