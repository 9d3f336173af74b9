<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Rear-facing path: under the child's legs. Forward-facing path: behind the back. */
enum BeltPath: string
{
    case Rear = 'rear';
    case Forward = 'forward';
}
