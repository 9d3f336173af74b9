<nav class="main-menu" aria-label="Main">
    <a href="{{ route('seats.index') }}">Seats</a>
    <a href="{{ route('recalls') }}">Recalls</a>
    <a href="{{ route('calculators.index') }}">Calculators</a>
    <a href="{{ route('handbook') }}">Handbook</a>
</nav>
