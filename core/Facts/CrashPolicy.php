<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the event does with a seat that was in a crash. */
enum CrashPolicy: string
{
    case Strict = 'strict';
    case MinorCrash = 'minor_crash';
}
