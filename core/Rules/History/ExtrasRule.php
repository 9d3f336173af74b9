<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\History;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Insert;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;

/** Is anything on the seat that did not come with it, or an insert used outside its weights? */
final readonly class ExtrasRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('extras.unapproved'), [Severity::Fix], mendedBy: ['seat.history.extras']),
            new Finds(Code::of('extras.insert_range'), [Severity::Fix]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat === null) {
            return;
        }
        if ($s->seat->history->extras === null) {
            yield new Question('seat.history.extras', Station::History);
        }
        foreach ($s->seat->history->extras ?? [] as $index => $extra) {
            if ($extra->approved === null) {
                yield new Question("seat.history.extras.{$index}.approved", Station::History);
            } elseif (! $extra->approved) {
                yield self::unapproved($extra->name);
            }
        }
        $insert = $s->isHarness() ? $s->setup()->harness->insert : null;
        if ($insert !== null) {
            yield from self::insert($s, $insert);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function insert(AssessmentContext $s, string $name): iterable
    {
        if ($s->seat?->inserts === null) {
            yield new Question('seat.inserts', Station::History);

            return;
        }
        $known = array_values(array_filter($s->seat->inserts, static fn(Insert $i): bool => $i->name === $name))[0] ?? null;
        if ($known === null) {
            yield self::unapproved($name);

            return;
        }
        $min = $known->weightMin?->asMinimum($s->madeOn(), $s->heldForLimits());
        $max = $known->weightMax?->asMaximum($s->madeOn(), $s->heldForLimits());
        $weight = $s->child->weight;
        $tooLight = $weight === null ? null : $min?->brokenAsMinimum($weight);
        $tooHeavy = $weight === null ? null : $max?->brokenAsMaximum($weight);
        if ($weight !== null && $tooLight !== null) {
            yield self::outOfRange($name, $weight, $tooLight, $tooLight->below ? 'more' : 'least');
        } elseif ($weight !== null && $tooHeavy !== null) {
            yield self::outOfRange($name, $weight, $tooHeavy, $tooHeavy->below ? 'less' : 'most');
        } else {
            $isLimited = $min?->isAbsent() === false || $max?->isAbsent() === false;
            foreach (
                [
                    ...$min->missing ?? [],
                    ...$max->missing ?? [],
                    ...($weight === null && $isLimited && ! $s->isUnborn() ? ['child.weight'] : []),
                ] as $path
            ) {
                yield new Question($path, Station::History);
            }
        }
    }

    private static function outOfRange(string $name, Mass $weight, LimitEntry $broken, string $side): Finding
    {
        return new Finding(
            Code::of('extras.insert_range'),
            Severity::Fix,
            with: ['weight' => new Beside($weight, $broken->value), 'insert' => $name, 'side' => $side, 'limit' => $broken->value],
            subject: $name,
            observed: $weight,
            limit: $broken->value,
            from: 'seat',
            sources: [Source::SeatManual->cite()],
        );
    }

    private static function unapproved(string $name): Finding
    {
        return new Finding(
            Code::of('extras.unapproved'),
            Severity::Fix,
            with: ['extra' => $name],
            subject: $name,
            sources: [Source::Common->cite()],
        );
    }
}
