<nav class="main-menu" aria-label="Main">
    <a href="{{ route('shelf') }}">Shelf</a>
    <a href="{{ route('recalls') }}">Recalls</a>
    <a href="{{ route('finders.index') }}">Finders</a>
    <a href="{{ route('handbook') }}">Handbook</a>
</nav>
