@props(['answer', 'page'])
<x-drawing.buckle-front :drawing="$answer->front()" press="none" />
