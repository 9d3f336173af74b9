<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Movement at the belt path as a hand feels it, against the limit. */
enum Felt: string
{
    case Still = 'still';
    case Within = 'within';
    case More = 'more';
}
