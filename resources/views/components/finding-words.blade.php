@props(['finding'])
<h3><x-buckle-mark :state="$finding->severity->verdict()->value" :size="26" /><span>{{ $finding->severity->title() }}</span></h3>
<p class="message">{{ $finding->message }}</p><x-retold :finding="$finding" />
<p class="remedy">{{ $finding->remedy }}</p>
