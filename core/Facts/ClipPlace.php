<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The chest clip against the armpits. */
enum ClipPlace: string
{
    case High = 'high';
    case Armpit = 'armpit';
    case Low = 'low';
    case Undone = 'none';
}
