@use('App\Units')
@inject('units', Units::class)
<form method="post" action="{{ route('units') }}">
    @csrf
    <div class="switch" role="group" aria-label="{{ __('common.units') }}">
        @foreach (Units::cases() as $choice)
            <button name="units" value="{{ $choice->value }}" @class(['on' => $choice === $units])
                aria-pressed="{{ $choice === $units ? 'true' : 'false' }}">{{ __("common.units_of.{$choice->value}") }}</button>
        @endforeach
    </div>
</form>
