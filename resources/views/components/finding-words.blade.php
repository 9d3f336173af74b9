@props(['finding'])
<h3>@include('components.buckle-mark', ['state' => $finding->severity->verdict()->value, 'size' => 26])
    <span>@tell($finding->severity->title())</span></h3>
<p class="message">@says($finding->message())</p>
<p class="remedy">@says($finding->remedy())</p>
