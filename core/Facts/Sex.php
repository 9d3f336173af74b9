<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** As the growth reference tells them apart. */
enum Sex: string
{
    case Female = 'f';
    case Male = 'm';
}
