@use('App\Catalogue\Notation')
@props(['overtaken'])
<div class="notice problem" role="alert" data-overtaken="{{ $overtaken['newer']->version }}">
    <p>{{ __('catalogue.overtaken', ['n' => $overtaken['newer']->version, 'model' => $overtaken['newer']->title()]) }} <a
            href="{{ route('seats.show', $overtaken['newer']) }}">{{ __('catalogue.look_at_it') }}</a></p>
    @foreach ($overtaken['lines'] as $line)
        <fieldset class="choice-field" data-differs="{{ $line['key'] }}">
            <legend>@tell($line['field']->label)</legend>
            <div class="choices">
                <label class="choice tick"><input type="radio" form="model-form" name="take[{{ $line['key'] }}]" value="mine"
                        @checked($line['changed'])> <span>{{ __('catalogue.mine', [
                            'value' => $line['mine'] === ''
                                ? __('catalogue.not_said') : Notation::told($line['field'], $line['mine'])]) }}</span></label>
                <label class="choice tick"><input type="radio" form="model-form" name="take[{{ $line['key'] }}]" value="theirs"
                        @checked(! $line['changed'])> <span>{{ __('catalogue.theirs', ['n' => $overtaken['newer']->version,
                            'value' => $line['theirs'] === ''
                                ? __('catalogue.not_said') : Notation::told($line['field'], $line['theirs'])]) }}</span></label>
            </div>
        </fieldset>
    @endforeach
</div>
