@use('App\Checks\FactText')
@props(['row', 'value', 'page'])
@tell(FactText::of($row, $value))
