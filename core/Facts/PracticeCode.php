<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The practice profiles that ship. */
enum PracticeCode: string
{
    case Us = 'us';
    case Nz = 'nz';
    case Au = 'au';
}
