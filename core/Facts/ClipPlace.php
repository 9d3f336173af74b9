<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The chest clip against the armpits. */
enum ClipPlace: string
{
    case Armpit = 'armpit';
    case High = 'high';
    case Low = 'low';
    case Undone = 'none';
}
