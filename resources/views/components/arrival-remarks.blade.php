@props(['remarks', 'seen'])
@foreach ($remarks->notes as $note)
    <p class="remark">@says($note)</p>
@endforeach
@foreach ($remarks->findings as $finding)
    <p class="remark finding-{{ $finding->severity->value }}" data-code="{{ $finding->code->value }}">
        <x-buckle-mark :state="$finding->severity->verdict()->value" :size="26" /> @says($finding->message())</p>
@endforeach
<x-seen-before :seen="$seen" />
