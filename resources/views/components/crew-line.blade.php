@props(['person', 'certificate', 'works'])
<label class="choice tick crew-line" data-certificate="{{ $certificate->value }}">
    <input type="checkbox" name="crew[]" value="{{ $person->id }}" @checked($works)>
    <span><strong>{{ $person->name }}</strong> <small>@tell($person->role->title())
            · <span @class(['problem' => $certificate->value === 'ended', 'warned' => $certificate->value === 'ends_soon'])>{{
                __("events.certificate.{$certificate->value}", ['until' => $person->certified_until]) }}</span></small></span>
</label>
