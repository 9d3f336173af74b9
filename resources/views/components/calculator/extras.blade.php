@props(['answer', 'page'])
<p>Only what came in the box, or what the seat’s own maker names, was tried with this seat. What only says of itself that it fits was not. A
    mat is slippery or compresses; a mirror or toy can strike a face when the seat rotates in a crash.</p>
