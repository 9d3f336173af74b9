<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What a recall tells the family to do until it is remedied. */
enum Advice: string
{
    case StopUse = 'stop_use';
    case UsableUntilRemedy = 'usable_until_remedy';
}
