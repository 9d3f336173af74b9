<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\CaseFile\Zone;
use MintBuckle\Core\Situation;

/** Whether a zone of the recline indicator is meant for this child, by age, weight and sitting. */
final readonly class ZoneFit
{
    /**
     * @param list<string> $breaks why not
     * @param list<string> $missing paths of facts that leave it open
     */
    private function __construct(public array $breaks, public array $missing) {}

    public static function of(Zone $zone, Situation $s): self
    {
        $madeOn = $s->madeOn();
        $heldBy = $s->setup()->heldBy;
        $rows = [
            [$s->age, 'child.born_on', $zone->ageMinMonths?->asMinimum($madeOn, $heldBy), true, 'too young'],
            [$s->age, 'child.born_on', $zone->ageMaxMonths?->asMaximum($madeOn, $heldBy), false, 'too old'],
            [$s->child->weight, 'child.weight', $zone->weightMin?->asMinimum($madeOn, $heldBy), true, 'too light'],
            [$s->child->weight, 'child.weight', $zone->weightMax?->asMaximum($madeOn, $heldBy), false, 'too heavy'],
        ];
        $breaks = [];
        $missing = [];
        foreach ($rows as [$measured, $path, $limit, $atLeast, $word]) {
            if ($limit === null) {
                continue;
            }
            array_push($missing, ...$limit->missing);
            if ($measured === null) {
                $missing[] = $path;
            } elseif (($atLeast ? $limit->allowsAtLeast($measured) : $limit->allowsAtMost($measured)) === false) {
                $breaks[] = $word;
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
