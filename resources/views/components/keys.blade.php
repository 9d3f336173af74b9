<dialog class="keys card-work" data-keys aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl>
        @foreach ([
            '1 – 8' => 'go to a station',
            '[ and ]' => 'one station back, one on',
            'y n u' => 'answer the next question: yes, no, cannot tell',
            'm' => 'a new try of the movement',
            't' => 'found or left',
            'z' => 'take the last entry back',
            'c' => 'installation card',
            '?' => 'this list',
        ] as $key => $what)
            <dt><kbd>{{ $key }}</kbd></dt>
            <dd>{{ $what }}</dd>
        @endforeach
    </dl>
    <p class="hint">Tab moves through everything; space or enter presses. While you type in a field the keys are letters.</p>
    <form method="dialog"><button class="press">Close</button></form>
</dialog>
