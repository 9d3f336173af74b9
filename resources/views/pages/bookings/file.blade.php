@use('App\Bookings\RegistrationFile')
<x-layout :title="__('bookings.file.title')" main="page">
    <x-slot:head><x-head :title="__('bookings.file.title')" :subtitle="$event->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('bookings.file.title') }}</h1>
        <p>{{ __('bookings.file.intro') }}</p>
        <a class="quiet" href="{{ route('bookings', $event) }}">{{ __('bookings.title') }}</a>
    </div>
    @if (session('problems'))
        <section class="notice problem" role="alert">
            <p>{{ __('bookings.file.none_taken') }}</p>
            <ul class="problems">
                @foreach (session('problems') as $problem)
                    <li>{{ $problem }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($errors->any())
        <p class="notice problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <form method="post" action="{{ route('bookings.file.take', [$event, $file]) }}" class="card-work stack narrow-form">
        @csrf @method('PUT')
        @foreach (RegistrationFile::FIELDS as $field)
            <div class="field">
                <label for="columns-{{ $field }}">{{ __("bookings.file.fields.{$field}") }}</label>
                <select id="columns-{{ $field }}" name="columns[{{ $field }}]">
                    <option value="">{{ __('bookings.file.none') }}</option>
                    @foreach ($columns as $number => $column)
                        <option value="{{ $number }}"
                            @selected((string) old("columns.{$field}", $guessed[$field] ?? '') === (string) $number)>{{ $column }}</option>
                    @endforeach
                </select>
            </div>
        @endforeach
        <button class="press">{{ __('bookings.file.take') }}</button>
    </form>
</x-layout>
