<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\History;

use MintBuckle\Core\CaseFile\Insert;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;

/** Is anything on the seat that did not come with it, or an insert used outside its weights? */
final readonly class ExtrasRule implements Rule
{
    public function codes(): array
    {
        return [Code::ExtrasUnapproved, Code::ExtrasInsertRange];
    }

    public function judge(Situation $s): iterable
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
    private static function insert(Situation $s, string $name): iterable
    {
        $known = array_values(array_filter($s->seat->inserts ?? [], static fn(Insert $i): bool => $i->name === $name))[0] ?? null;
        if ($known === null) {
            yield self::unapproved($name);

            return;
        }
        $min = $known->weightMin?->asMinimum($s->madeOn(), $s->setup()->heldBy);
        $max = $known->weightMax?->asMaximum($s->madeOn(), $s->setup()->heldBy);
        foreach ([...$min->missing ?? [], ...$max->missing ?? []] as $path) {
            yield new Question($path, Station::History);
        }
        $weight = $s->child->weight;
        if ($weight === null) {
            if ($min !== null || $max !== null) {
                yield new Question('child.weight', Station::History);
            }

            return;
        }
        $broken = $min?->allowsAtLeast($weight) === false ? $min->entry : ($max?->allowsAtMost($weight) === false ? $max->entry : null);
        if ($broken !== null) {
            yield new Finding(
                Code::ExtrasInsertRange,
                Severity::Fix,
                "The insert {$name} is not for a child of {$weight->showBeside($broken->value)}; its limit is {$broken->value->show($weight->unit)}.",
                'Take the insert out and set the harness again.',
                $name,
                $weight,
                Bound::ofMaker($broken, 'seat')->value,
                'seat',
                [Source::manual('seat')],
            );
        }
    }

    private static function unapproved(string $name): Finding
    {
        return new Finding(
            Code::ExtrasUnapproved,
            Severity::Fix,
            "On the seat is something its maker neither supplied nor names: {$name}.",
            'Take it off. A mat slips or gives way; a mirror or toy can strike a face when the seat turns in a crash.',
            $name,
            sources: [Source::common()],
        );
    }
}
