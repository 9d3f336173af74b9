@props(['lines'])
<details>
    <summary>The same in words</summary>
    <ul>
        @foreach ($lines as $line)
            <li>@says($line)</li>
        @endforeach
    </ul>
</details>
