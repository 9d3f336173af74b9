@props(['page'])
<details class="more" @if ($errors->has('seen_at')) open @endif>
    <summary>{{ __('checks.paper.begin') }}</summary>
    <form method="post" action="{{ route('checks.paper', $page->check->id) }}" class="entry">
        @csrf
        <input type="hidden" name="phase" value="{{ $page->phase->value }}">
        <label for="seen-at">{{ __('checks.paper.seen_at') }}</label>
        <input id="seen-at" type="time" name="seen_at">
        <button class="keep">{{ __('common.keep') }}</button>
        @error('seen_at')
            <p class="problem">{{ $message }}</p>
        @enderror
    </form>
</details>
