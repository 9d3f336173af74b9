@props(['page'])
<title>{{ $page->heading() }} · Mint Buckle</title>
<x-check :page="$page" />
