<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/** Whether a zone of the recline indicator is meant for this child, by age, weight and sitting. */
final readonly class ZoneFit
{
    /**
     * @param list<Message> $breaks why not
     * @param list<string> $missing paths of facts that leave it open
     */
    private function __construct(public array $breaks, public array $missing) {}

    public static function of(Zone $zone, AssessmentContext $s): self
    {
        /** @var list<array{Quantity|null, string, Limit|null, bool, string}> $rows */
        $rows = [
            [$s->age,           'child.born_on', $zone->ageMinMonths, true,  'young'],
            [$s->age,           'child.born_on', $zone->ageMaxMonths, false, 'old'],
            [$s->child->weight, 'child.weight',  $zone->weightMin,    true,  'light'],
            [$s->child->weight, 'child.weight',  $zone->weightMax,    false, 'heavy'],
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
                $breaks[] = new Message("breaches.zone.{$word}");
            } else {
                array_push($missing, ...$resolved->missing, ...($measured === null && ! $s->isNeverAsked($path) ? [$path] : []));
            }
        }
        if ($zone->needsSitting === true) {
            match ($s->child->sitsUnaided) {
                null => $missing[] = 'child.sits_unaided',
                false => $breaks[] = new Message('breaches.zone.sitting'),
                true => null,
            };
        }

        return new self($breaks, $missing);
    }
}
