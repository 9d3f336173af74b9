@props(['answer', 'page'])
<x-drawing.label-ruler :drawing="$answer->ruler()" />
