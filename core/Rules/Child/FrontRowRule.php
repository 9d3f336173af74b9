<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** Under thirteen, or under the law's higher age, children ride in the back. */
final readonly class FrontRowRule implements Rule
{
    /** Thirteen years. */
    public const BACK_ROW_MONTHS = 156;

    public function codes(): array
    {
        return [Code::ModeFrontRowUnder13];
    }

    public function judge(Situation $s): iterable
    {
        if ($s->place?->row() !== 1 || $s->mode === null) {
            return;
        }
        $law = $s->case->law->backRowUntilMonths;
        $floor = $law?->isMoreThan(Months::of(self::BACK_ROW_MONTHS)) === true ? $law : Months::of(self::BACK_ROW_MONTHS);
        if ($s->age === null) {
            yield new Question('child.born_on', Station::Child);
        } elseif ($s->age->isLessThan($floor)) {
            $byLaw = $law !== null && $s->age->isLessThan($law);
            $free = $s->hasFreeBackPlace();
            yield new Finding(
                Code::ModeFrontRowUnder13,
                $byLaw || $free ? Severity::Fix : Severity::Advise,
                'A child of ' . intdiv($s->age->toInt(), 12) . ' sits in the front row; the back row is the place until ' . intdiv($floor->toInt(), 12) . '.',
                $free ? 'Move to a free place in the back.' : 'Move the vehicle seat all the way back, and look for a back place.',
                observed: $s->age,
                limit: $floor,
                from: $byLaw ? 'law' : $s->practice->layer(),
                sources: [Source::memory('AAP policy statement, Child Passenger Safety, 2018')],
            );
        }
    }
}
