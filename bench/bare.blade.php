<p>{{ $event->name }}</p>
