<x-layout title="Read the label’s code" main="page narrow-page">
    <x-slot:head><x-head :title="'Ticket ' . $check->visit->ticket . ' · Child ' . $check->letter" subtitle="Read the label’s code"
        /></x-slot:head>
    <div class="page-top">
        <h1>Read the label’s code</h1><a class="quiet" href="{{ route('checks.show', [$check->id, 'found', 'label']) }}">Back to the
            check</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} Nothing was changed.</p>
    @endif
    @if ($read !== null)
        <section class="card-work" aria-labelledby="read-title" data-label-read>
            @if ($read->problem !== null)
                <h2 id="read-title">Nothing to take</h2>
                <p class="problem">{{ $read->problem }}</p>
            @else
                <h2 id="read-title">The code says</h2>
                <form method="post" action="{{ route('checks.label.store', $check->id) }}">
                    @csrf<input type="hidden" name="code" value="{{ $code }}">
                    @if ($read->text !== null)
                        <p class="big">{{ $read->text }}</p>
                        <p>A plain code does not say what it is. Compare it with the label.</p>
                        <div class="choices"><button class="choice" name="as" value="serial">It is the serial number</button><button
                                class="choice" name="as" value="model">It is the model number</button></div>
                    @else
                        <dl class="rules">
                            @foreach ($read->facts as $key => $fact)
                                <div data-read="{{ $key }}">
                                    <dt>{{ ucfirst(str_replace('_', ' ', $key)) }}</dt>
                                    <dd>{{ $fact }}</dd>
                                </div>
                            @endforeach
                        </dl>
                        <p>Compare it with what is printed.</p><button class="press">Take it</button>
                    @endif
                </form>
            @endif
        </section>
    @endif
    <section class="card-work stack" data-label-scan hidden>
        <h2>With the camera</h2>
        <video data-scan-video playsinline muted hidden></video>
        <p role="status" data-scan-status>Hold the bar code or QR code of the label before the camera.</p>
        <div class="choices"><button type="button" class="press" data-scan-start>Start the camera</button><button type="button"
                class="quiet" data-scan-stop hidden>Stop</button></div>
        <label for="picture">Or a picture of the label</label>
        <input type="file" id="picture" accept="image/*" data-scan-picture>
    </section>
    <form method="get" class="card-work stack" data-scan-form>
        <label for="code">{{ $read === null ? 'Or type what stands under the bar code' : 'Another code' }}</label>
        <div class="entry"><input id="code" name="code" autocomplete="off" data-scan-code><button class="keep">Look at
                it</button></div>
        <p class="hint">No label at hand? <a href="{{ route('stand-ins.labels') }}">Stand-in labels to print</a></p>
    </form>
</x-layout>
