<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Http\Middleware\May;

/** What somebody may be allowed to do. Every address asks for one of these; one that asks for none is closed. */
enum Ability: string
{
    /** See the event, its families, sheets and logs, the catalogue, the recalls and the handbook. */
    case Read = 'read';
    /** Practise, calculate, try things out that are kept nowhere. */
    case Learn = 'learn';
    /** Receive families, write what is seen at a check, keep buses and their trips. */
    case Record = 'record';
    /** Sign a check or a trip, and send a family off. */
    case Sign = 'sign';
    /** Change what every check stands on: the catalogue and the recall list. */
    case Publish = 'publish';
    /** Make classes of learners, and see the key to their drills. */
    case Teach = 'teach';
    /** People and their roles; what the whole organisation agrees to. */
    case Manage = 'manage';

    /** As a route asks for it. */
    public function asked(): string
    {
        return May::class . ":{$this->value}";
    }
}
