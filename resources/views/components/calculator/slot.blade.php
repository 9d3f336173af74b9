@props(['answer', 'page'])
<x-drawing.buckle-front :drawing="$answer->front()" :m="$answer->front()::MIDDLE" :s="$answer->front()->shoulder" :cushion="$answer->front()::CUSHION" press="none" />
