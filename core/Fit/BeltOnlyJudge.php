<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BeltFit;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\Message;

/** Whether a child may ride with the seat belt alone: the five points of the belt-fit test, stature, and the law's floors. */
final readonly class BeltOnlyJudge
{
    /** About 4 ft 9 in; common practice of the trade. */
    private const STATURE_MM = 1450;

    private const POINTS = ['back', 'knees', 'lap', 'shoulder', 'stays'];

    /** The least for the belt alone. */
    public static function stature(): Length
    {
        return Length::of(self::STATURE_MM);
    }

    public static function judge(AssessmentContext $situation): ModeFit
    {
        $test = $situation->setup()->beltFit ?? new BeltFit();
        $child = $situation->child;
        $law = $situation->case->law;
        $stature = new Bound(self::stature(), true, 'default', [Source::Common->cite()]);
        $breaches = [];
        $missing = [];
        foreach (self::POINTS as $point) {
            match ($test->{$point}) {
                false => $breaches[] = new Breach(BreachKind::BeltFit, new Message("breaches.belt_fit.{$point}")),
                null => $missing[] = "setup.belt_fit.{$point}",
                default => null,
            };
        }
        if ($child->height === null) {
            $missing = $situation->isNeverAsked('child.height') ? $missing : [...$missing, 'child.height'];
        } elseif (! $stature->allowsAtLeast($child->height)) {
            $breaches[] = new Breach(
                BreachKind::BeltFit,
                new Message('breaches.stature', ['height' => new Beside($child->height, $stature->value), 'least' => $stature->value]),
                $child->height,
                $stature,
            );
        }
        /** @var list<array{BreachKind, Quantity|null, string, Quantity|null, string}> $floors */
        $floors = [
            // kind                 measured           path             floor                          told
            [BreachKind::LawBooster, $situation->age, 'child.born_on', $law->boosterUntilMonths, 'breaches.law_booster'],
            [BreachKind::LawRear,    $situation->age, 'child.born_on', $law->rearFacingUntilMonths, 'breaches.law_rear'],
            [BreachKind::LawRear,    $child->weight,  'child.weight',  $law->rearFacingUntilWeight, 'breaches.law_rear'],
        ];
        foreach ($floors as [$kind, $measured, $path, $floor, $key]) {
            if ($floor === null) {
                continue;
            }
            if ($measured === null) {
                $missing = $situation->isNeverAsked($path) ? $missing : [...$missing, $path];
            } elseif ($measured->isLessThan($floor)) {
                $breaches[] = new Breach(
                    $kind,
                    new Message($key, ['until' => $floor]),
                    $measured,
                    new Bound($floor, true, 'law', [Source::LocalLaw->cite()]),
                );
            }
        }

        return new ModeFit(ModeName::BeltOnly, $breaches, array_values(array_unique($missing)));
    }
}
