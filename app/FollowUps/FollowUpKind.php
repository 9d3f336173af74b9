<?php

declare(strict_types=1);

namespace App\FollowUps;

use MintBuckle\Core\Telling\Message;

/** What a family is told once its day comes near. */
enum FollowUpKind: string
{
    case Outgrown = 'outgrown';
    case Expires = 'expires';

    public function title(): Message
    {
        return new Message("follow_ups.kinds.{$this->value}");
    }
}
