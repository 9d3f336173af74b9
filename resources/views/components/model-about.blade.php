@use('MintBuckle\Core\Catalogue\AboutModel')
@props(['page'])
<section class="card-work two" aria-labelledby="about">
    <h2 id="about">{{ __('catalogue.about.title') }}</h2>
    @foreach (AboutModel::TEXTS as $key)
        <div class="field"><label for="about-{{ $key }}">{{ __("catalogue.about.{$key}") }}</label>
            <input id="about-{{ $key }}" name="about[{{ $key }}]" value="{{ old("about.{$key}", $page->about[$key] ?? '') }}"
                autocomplete="off" maxlength="{{ AboutModel::LONGEST }}" placeholder="{{ __("catalogue.about.examples.{$key}") }}">
            @error("about.{$key}")
                <p class="problem">{{ $message }}</p>
            @enderror
        </div>
    @endforeach
    <fieldset class="field-rows" data-rows="about-parts">
        <legend>{{ __('catalogue.about.parts') }}</legend>
        <p class="hint">{{ __('catalogue.about.parts_hint') }}</p>
        @foreach ($page->parts(old('about.parts')) as $n => $part)
            <div class="field-row" data-row>
                <label><span>{{ __('catalogue.about.part') }}</span><input name="about[parts][{{ $n }}][name]"
                        value="{{ $part['name'] }}" autocomplete="off"></label>
                <label class="choice tick"><input type="checkbox" name="about[parts][{{ $n }}][essential]" value="1"
                        @checked($part['essential'])> <span>{{ __('catalogue.about.essential') }}</span></label>
            </div>
        @endforeach
        <button type="button" class="quiet" data-add-row hidden>{{ __('catalogue.rows.another') }}</button>
        @error('about.parts')
            <p class="problem">{{ $message }}</p>
        @enderror
    </fieldset>
</section>
