<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** From where the top straps of a vest come, against the shoulder. */
enum TopStraps: string
{
    case Above = 'above';
    case Below = 'below';
}
