@use('MintBuckle\Core\Truth\Truth')
@props(['truth', 'size' => 26])
<x-buckle-mark :size="$size" :state="match ($truth) {
    Truth::Yes => 'good_to_ride',
    Truth::No => 'do_not_use',
    Truth::Unknown => 'not_finished',
}" />
