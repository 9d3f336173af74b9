<?php

declare(strict_types=1);

namespace MintBuckle\Core\Telling;

/** How the things of a list stand together. */
enum ListingKind: string
{
    case And = 'and';
    case Or = 'or';
    case Names = 'names';
    case Clauses = 'clauses';
    case Sentences = 'sentences';
    /** Set apart by dots, on one line. */
    case Line = 'line';
}
