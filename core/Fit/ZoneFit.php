<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Quantity\Quantity;

/** Whether a zone of the recline indicator is meant for this child, by age, weight and sitting. */
final readonly class ZoneFit
{
    /**
     * @param list<string> $breaks why not
     * @param list<string> $missing paths of facts that leave it open
     */
    private function __construct(public array $breaks, public array $missing) {}

    public static function of(Zone $zone, AssessmentContext $s): self
    {
        /** @var list<array{Quantity|null, string, Limit|null, bool, string}> $rows */
        $rows = [
            [$s->age,           'child.born_on', $zone->ageMinMonths, true,  'too young'],
            [$s->age,           'child.born_on', $zone->ageMaxMonths, false, 'too old'],
            [$s->child->weight, 'child.weight',  $zone->weightMin,    true,  'too light'],
            [$s->child->weight, 'child.weight',  $zone->weightMax,    false, 'too heavy'],
        ];
        $breaks = [];
        $missing = [];
        foreach ($rows as [$measured, $path, $limit, $atLeast, $word]) {
            $resolved = $atLeast
                ? $limit?->asMinimum($s->madeOn(), $s->heldForLimits())
                : $limit?->asMaximum($s->madeOn(), $s->heldForLimits());
            if ($resolved === null || $resolved->isAbsent()) {
                continue;
            }
            if ($measured !== null && ($atLeast ? $resolved->brokenAsMinimum($measured) : $resolved->brokenAsMaximum($measured)) !== null) {
                $breaks[] = $word;
            } else {
                array_push($missing, ...$resolved->missing, ...($measured === null && ! $s->isNeverAsked($path) ? [$path] : []));
            }
        }
        if ($zone->needsSitting === true) {
            match ($s->child->sitsUnaided) {
                null => $missing[] = 'child.sits_unaided',
                false => $breaks[] = 'does not sit unaided yet',
                true => null,
            };
        }

        return new self($breaks, $missing);
    }
}
