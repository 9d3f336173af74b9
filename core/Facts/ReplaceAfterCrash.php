<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the seat's maker says about crashes. */
enum ReplaceAfterCrash: string
{
    case Any = 'any';
    case AsPolicy = 'as_policy';
}
