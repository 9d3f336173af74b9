@props(['row', 'value', 'page'])
{{ App\Pages\FactWords::of($row, $value, $page->units) }}
