@props(['finding'])
@inject('units', App\Units::class)
@if ($units->retell($finding) !== null)<span class="retold">{{ $units->retell($finding) }}</span>@endif
