@use('App\Units')
@props(['finding'])
@inject('units', Units::class)
@if ($units->retell($finding) !== null)
    <span class="retold">{{ $units->retell($finding) }}</span>
@endif
