@props(['lines'])
<details>
    <summary>{{ __('drawings.labels.in_words') }}</summary>
    <ul>
        @foreach ($lines as $line)
            <li>@says($line)</li>
        @endforeach
    </ul>
</details>
