@props(['row', 'value', 'page'])
{{ App\Checks\FactText::of($row, $value, $page->units) }}
