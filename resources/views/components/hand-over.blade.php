@props(['card', 'crew'])
<details class="hand-over">
    <summary class="quiet">{{ __('events.hand_over') }}</summary>
    <form method="post" action="{{ route('visits.technician', $card->id) }}">
        @csrf
        <input type="hidden" name="id" value="{{ Illuminate\Support\Str::uuid7() }}">
        <div class="choices">
            @foreach ($crew->people as $one)
                @if ($one->person->id !== $card->workedBy)
                    <button class="choice" name="technician" value="{{ $one->person->id }}">{{ $one->person->name }}</button>
                @endif
            @endforeach
        </div>
    </form>
</details>
