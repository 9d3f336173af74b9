@props(['index'])
{{-- The label's code fills in seat, day of making and serial; without scripts there is no camera, and no such box. --}}
<div class="label-code" data-label-scan hidden>
    <details>
        <summary>{{ __('visits.arrive.label_code') }}</summary>
        <video data-scan-video playsinline muted hidden></video>
        <p role="status" data-scan-status></p>
        <div class="choices">
            <button type="button" class="press" data-scan-start>{{ __('checks.code.start') }}</button>
            <button type="button" class="quiet" data-scan-stop hidden>{{ __('checks.code.stop') }}</button>
        </div>
        <label for="f-children-{{ $index }}-picture">{{ __('checks.code.picture') }}</label>
        <input type="file" id="f-children-{{ $index }}-picture" accept="image/*" data-scan-picture>
        <label for="f-children-{{ $index }}-code">{{ __('checks.code.type') }}</label>
        <input id="f-children-{{ $index }}-code" name="children[{{ $index }}][code]" autocomplete="off" data-scan-code
            hx-get="{{ route('visits.label') }}" hx-trigger="change" hx-target="next .seat-choices" hx-swap="outerHTML">
    </details>
</div>
