@use('App\Findings\FindingsFilter')
@use('MintBuckle\Core\Facts\PracticeCode')
@props(['page'])
<form method="get" action="{{ route('findings') }}" class="filters findings-filter" hx-get="{{ route('findings') }}" hx-select="#findings"
    hx-target="#findings" hx-swap="outerHTML" hx-push-url="true" hx-trigger="change, submit">
    <fieldset class="choices" data-for>
        <legend class="visually-hidden">{{ __('report.for.whom') }}</legend>
        @foreach (['us', 'others'] as $whom)
            <label class="choice"><input type="radio" name="for" value="{{ $whom }}"
                    @checked(($whom === 'others') === $page->filter->handOn)> <span>{{ __("report.for.{$whom}") }}</span></label>
        @endforeach
    </fieldset>
    <div class="field"><label for="f-event">{{ __('report.event') }}</label><select id="f-event" name="event">
            <option value="">{{ __('report.all_events') }}</option>
            @foreach ($page->events as $event)
                <option value="{{ $event->id }}" @selected($event->id === $page->filter->event?->id)>{{ __('report.event_on', [
                    'name' => $event->name, 'day' => $event->held_on]) }}</option>
            @endforeach
        </select></div>
    <div class="field"><label for="f-from">{{ __('report.from') }}</label><input id="f-from" type="month" name="from"
            value="{{ $page->filter->from }}" placeholder="2026-01"></div>
    <div class="field"><label for="f-to">{{ __('report.to') }}</label><input id="f-to" type="month" name="to"
            value="{{ $page->filter->to }}" placeholder="2026-12"></div>
    <div class="field"><label for="f-practice">{{ __('events.practice') }}</label><select id="f-practice" name="practice">
            <option value="">{{ __('report.all_practices') }}</option>
            @foreach (PracticeCode::cases() as $code)
                <option value="{{ $code->value }}" @selected($code === $page->filter->practice)>{{ __("limits.practices.{$code->value}") }}
                </option>
            @endforeach
        </select></div>
    <div class="field of-seats"><label for="f-kind">{{ __('report.kind') }}</label><select id="f-kind" name="kind">
            <option value="">{{ __('catalogue.any_kind') }}</option>
            @foreach (FindingsFilter::kinds() as $kind)
                <option value="{{ $kind }}" @selected($kind === $page->filter->kind)>{{ __(FindingsFilter::word($kind)) }}</option>
            @endforeach
        </select></div>
    <button class="keep">{{ __('common.look') }}</button>
    <p class="hint">{{ __('report.of_an_event') }}</p>
</form>
