<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** How a fact is answered. */
enum AnswerKind: string
{
    case YesNo = 'yes_no';
    case Choice = 'choice';
    case Choices = 'choices';
    case Length = 'length';
    case Mass = 'mass';
    case Angle = 'angle';
    case Whole = 'whole';
    case Share = 'share';
    case Date = 'date';
    case PartialDate = 'partial_date';
    case Text = 'text';
    case Texts = 'texts';
    /** Heights of slots, lowest first. */
    case Heights = 'heights';
    case Essentials = 'essentials';
    case Approvals = 'approvals';
    case Signature = 'signature';
    /** Not answered on the check: the hint says where. */
    case Elsewhere = 'elsewhere';

    /** A list to which an answer may add one entry, or take one off. */
    public function isAddedTo(): bool
    {
        return $this === self::Texts || $this === self::Essentials || $this === self::Approvals;
    }
}
