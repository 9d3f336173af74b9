@props(['answer', 'page'])
<p>Usually at 145 cm (about 4 ft 9 in) and 8 to 12 years. All five looks must hold, in every car the child rides in.</p>
