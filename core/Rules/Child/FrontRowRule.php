<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\ChildsAge;
use MintBuckle\Core\Truth\Truth;

/** Under thirteen, or under the law's higher age, children ride in the back. */
final readonly class FrontRowRule implements Rule
{
    /** Thirteen years. */
    public const BACK_ROW_MONTHS = 156;

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('mode.front_row_under_13'),
                [Severity::Fix, Severity::Advise],
                mendedBy: ['setup.position'],
                sources: [Source::Paediatricians],
                figures: ['months' => Months::of(self::BACK_ROW_MONTHS)],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->place?->row() !== 1) {
            return;
        }
        $law = $s->case->law->backRowUntilMonths;
        $handbook = Months::of(self::BACK_ROW_MONTHS);
        if ($s->age === null) {
            yield new Question('child.born_on', Station::Child);
        } elseif ($law !== null && $s->age->isLessThan($law)) {
            yield self::finding($s->age, $law, 'law', Severity::Fix, FreePlaces::inTheBack($s)->any === Truth::Yes, $s->isRear());
        } elseif ($s->age->isLessThan($handbook)) {
            $free = FreePlaces::inTheBack($s);
            foreach ($free->missing as $path) {
                yield new Question($path, Station::Place);
            }
            yield self::finding(
                $s->age,
                $handbook,
                $s->practice->layer(),
                $free->any === Truth::Yes ? Severity::Fix : Severity::Advise,
                $free->any === Truth::Yes,
                $s->isRear(),
            );
        }
    }

    private static function finding(Months $age, Months $floor, string $from, Severity $severity, bool $isBackFree, bool $isRear): Finding
    {
        return new Finding(
            Code::of('mode.front_row_under_13'),
            $severity,
            mend: match (true) {
                $isBackFree => 'back',
                $isRear => 'rear',
                default => 'front',
            },
            with: ['age' => new ChildsAge($age), 'floor' => new ChildsAge($floor)],
            observed: $age,
            limit: $floor,
            from: $from,
            sources: $from === 'law' ? [Source::LocalLaw->cite()] : [Source::Paediatricians->cite()],
        );
    }
}
