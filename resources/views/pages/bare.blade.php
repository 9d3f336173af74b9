<p>{{ $day->name }}</p>
