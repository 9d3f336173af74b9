@use('App\Checks\FactText')
@props(['row', 'value', 'page'])
{{ FactText::of($row, $value, $page->units) }}
