<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

use MintBuckle\Core\Telling\Message;

/** What became of a seat that its family no longer uses. */
enum Withdrawn: string
{
    /** its straps cut, so that nobody takes it out of the rubbish and into a car */
    case Destroyed = 'destroyed';
    case Taken = 'taken';
    case Kept = 'kept';

    /** Beside which fact of the check it stands. */
    public const SUBJECT = 'seat';

    public function title(): Message
    {
        return new Message("sheet.withdrawn.{$this->value}");
    }
}
