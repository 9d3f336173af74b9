<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Which part of a lap-shoulder belt goes through a path. */
enum Webbing: string
{
    case Both = 'both';
    case Lap = 'lap';
}
