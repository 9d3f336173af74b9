<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

/**
 * What is counted of the checks that were signed. Each counts seats, one a check, but for those that say otherwise; "of" is what exactly:
 * a code, a thing, the least minutes of a span.
 */
enum Measure: string
{
    /** Seats by their verdict as they left; together all seats. */
    case Left = 'left';

    /** With at least one error as found: something that stops, or that had to be put right. */
    case Erring = 'erring';

    /** By the code of an error as found. */
    case Found = 'found';

    /** By the code of an error as found of which nothing was left. */
    case PutRight = 'put_right';

    /** Not used any more, by the code that stopped it; or since another one suits better. */
    case WithdrawnFor = 'withdrawn_for';

    /** Not used any more, by what became of it. */
    case Became = 'became';

    /** Things taken from the kit, by item. */
    case Kit = 'kit';

    /** By the minutes that a seat took, from the call to the bay until the family left, shared among its seats. */
    case Minutes = 'minutes';

    /** Families by the minutes that they waited for their call. */
    case Waited = 'waited';

    /** Seconds that seats took, for the mean. */
    case Seconds = 'seconds';

    /** Seconds that families waited, for the mean. */
    case SecondsWaited = 'seconds_waited';

    /** By what was tried while it would not hold. */
    case Tried = 'tried';

    /** By what was tried last, where it held after that. */
    case Worked = 'worked';

    /** Whether its counts may leave the organisation, in whole fives. The others are no counts of seats, or too fine. */
    public function mayLeave(): bool
    {
        return ! in_array($this, [self::Seconds, self::SecondsWaited, self::Tried, self::Worked], true);
    }

    /** @return list<string> what is of families, so that no kind of seat divides it */
    public static function ofFamilies(): array
    {
        return [self::Waited->value, self::SecondsWaited->value];
    }

    public function key(string $of = ''): string
    {
        return "{$this->value}/{$of}";
    }
}
