@props(['page'])
<title>{{ $page->heading() }} · Mint Buckle</title>
@include('components.check', ['page' => $page])
