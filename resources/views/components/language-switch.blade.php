@use('App\Words\Languages')
@inject('languages', Languages::class)
<form method="post" action="{{ route('language') }}" class="languages">
    @csrf
    <div class="switch" role="group" aria-label="{{ __('common.language') }}">
        @foreach ($languages->names() as $language => $name)
            <button name="language" value="{{ $language }}" lang="{{ $language }}" @class(['on' => $language === app()->getLocale()])
                aria-pressed="{{ $language === app()->getLocale() ? 'true' : 'false' }}">{{ $name }}</button>
        @endforeach
    </div>
</form>
