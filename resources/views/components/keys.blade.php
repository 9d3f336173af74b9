<dialog class="keys card-work" data-keys aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('checks.keys.title') }}</h2>
    <dl>
        @foreach ([
            '1 – 8' => 'station',
            '[ ]' => 'back_and_on',
            'y n u' => 'answer',
            'm' => 'try',
            't' => 'phase',
            'z' => 'undo',
            'c' => 'card',
            '?' => 'list',
        ] as $key => $what)
            <dt><kbd>{{ $key }}</kbd></dt>
            <dd>{{ __("checks.keys.{$what}") }}</dd>
        @endforeach
    </dl>
    <p class="hint">{{ __('checks.keys.hint') }}</p>
    <form method="dialog"><button class="press">{{ __('common.close') }}</button></form>
</dialog>
