<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\CaseFile\HeldBy;
use MintBuckle\Core\CaseFile\Limit;
use MintBuckle\Core\CaseFile\LimitEntry;
use MintBuckle\Core\CaseFile\Marker;
use MintBuckle\Core\CaseFile\Mode;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\CaseFile\StrictestLimit;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Situation;

/**
 * Whether one mode of a seat fits: the maker's limits for the way it is held, the floors of law and practice, a right slot,
 * and, for the mode in use, the head and shoulder markers.
 */
final readonly class ModeJudge
{
    /** Common practice; labels under 49 CFR 571.213 say the same, from memory. */
    public const UNDER_ONE_MONTHS = 12;

    public static function judge(Situation $s, ModeName $name, Mode $mode): ModeFit
    {
        [$floorBreaches, $floorMissing] = self::floors($s, $name);
        [$useBreaches, $useMissing] = $s->mode === $name ? self::asInUse($s, $name, $mode) : [[], []];
        $slots = SlotChoice::of($s, $name);
        $slotBreaches = $slots->nothingRight
            ? [new Breach(BreachKind::MakersLimit, "no allowed slot is right for a shoulder at {$s->child->shoulderHeight?->show()}")]
            : [];
        $fits = [];
        foreach (self::ways($s, $name, $mode) as $way) {
            [$breaches, $missing] = self::makersLimits($s, $name, $mode, $way);
            $fits[] = [$way, new ModeFit(
                $name,
                [...$breaches, ...$slotBreaches, ...$floorBreaches, ...$useBreaches],
                array_values(array_unique([...$missing, ...$floorMissing, ...$useMissing])),
            )];
        }

        return self::bestOf($fits);
    }

    /**
     * The set-up's own way of holding; without it each way a maker's limit tells apart.
     *
     * @return non-empty-list<HeldBy|null>
     */
    private static function ways(Situation $s, ModeName $name, Mode $mode): array
    {
        $heldBy = $s->case->setup?->heldBy;
        if ($heldBy !== null && ($heldBy !== HeldBy::Nothing || $name->isBooster())) {
            return [$heldBy];
        }
        foreach (self::limits($mode) as $limit) {
            if (array_filter($limit->entries, static fn(LimitEntry $e): bool => $e->heldBy !== null) !== []) {
                return [$name->isBooster() ? HeldBy::Nothing : HeldBy::Belt, HeldBy::LowerAnchors];
            }
        }

        return [null];
    }

    /** @return list<Limit> */
    private static function limits(Mode $mode): array
    {
        return array_values(array_filter([$mode->weightMin, $mode->weightMax, $mode->heightMin, $mode->heightMax, $mode->ageMinMonths, $mode->ageMaxMonths]));
    }

    /** @param non-empty-list<array{HeldBy|null, ModeFit}> $fits */
    private static function bestOf(array $fits): ModeFit
    {
        $rank = static fn(ModeFit $fit): int => $fit->breaches === [] ? ($fit->missing === [] ? 0 : 1) : 2;
        usort($fits, static fn(array $a, array $b): int => $rank($a[1]) <=> $rank($b[1]));
        [$way, $best] = $fits[0];
        $worse = $fits[count($fits) - 1][1];

        return new ModeFit($best->mode, $best->breaches, $best->missing, $rank($best) === 0 && $rank($worse) !== 0 ? $way : null);
    }

    /** @return array{list<Breach>, list<string>} */
    private static function makersLimits(Situation $s, ModeName $name, Mode $mode, ?HeldBy $way): array
    {
        $child = $s->child;
        $path = "seat.modes.{$name->value}.";
        $inUse = $s->mode === $name;
        /** @var list<array{Quantity|null, string, string, Limit|null, bool, string|null}> $rows */
        $rows = [
            // measured           path                of what     figure               at least  the mode in use must have it
            [$child->weight, 'child.weight',  'weight', $mode->weightMin,    true,     null],
            [$child->weight, 'child.weight',  'weight', $mode->weightMax,    false,    $inUse ? $path . 'weight_max' : null],
            [$child->height, 'child.height',  'height', $mode->heightMin,    true,     null],
            [$child->height, 'child.height',  'height', $mode->heightMax,    false,    $inUse ? $path . 'height_max' : null],
            [$s->age,        'child.born_on', 'age',    $mode->ageMinMonths, true,     null],
            [$s->age,        'child.born_on', 'age',    $mode->ageMaxMonths, false,    null],
        ];
        $breaches = [];
        $missing = [];
        foreach ($rows as [$measured, $measuredPath, $what, $limit, $atLeast, $needed]) {
            $strictest = $atLeast ? $limit?->asMinimum($s->madeOn(), $way) : $limit?->asMaximum($s->madeOn(), $way);
            if ($strictest === null || ($strictest->entry === null && $strictest->isKnown())) {
                $missing = $needed === null ? $missing : [...$missing, $needed];
            } elseif ($measured === null) {
                // A child not yet born is judged as if at the seat's lowest weights and heights; only its age is missing.
                $missing = $child->dueOn === null || $measuredPath === 'child.born_on' ? [...$missing, $measuredPath] : $missing;
            } elseif (self::breaks($strictest, $measured, $atLeast)) {
                $breaches[] = self::breach($what, $measured, $strictest->entry, $atLeast);
            } else {
                array_push($missing, ...$strictest->missing);
            }
        }

        return [$breaches, $missing];
    }

    /** @phpstan-assert-if-true !null $limit->entry */
    private static function breaks(StrictestLimit $limit, Quantity $measured, bool $atLeast): bool
    {
        return ($atLeast ? $limit->allowsAtLeast($measured) : $limit->allowsAtMost($measured)) === false;
    }

    private static function breach(string $what, Quantity $measured, LimitEntry $entry, bool $atLeast): Breach
    {
        $against = match (true) {
            $atLeast => $entry->below ? 'is not more than' : 'is less than',
            default => $entry->below ? 'is not less than' : 'is more than',
        };

        return new Breach(
            BreachKind::MakersLimit,
            "{$what} {$measured->showBeside($entry->value)} {$against} {$entry->value->show($measured->unit)}",
            $measured,
            Bound::ofMaker($entry, 'seat'),
        );
    }

    /**
     * What nothing goes under, whatever a seat says.
     *
     * @return array{list<Breach>, list<string>}
     */
    private static function floors(Situation $s, ModeName $name): array
    {
        if ($name === ModeName::RearHarness) {
            return [[], []];
        }
        $law = $s->case->law;
        $booster = $name->isBooster();
        $practice = $s->practice->layer();
        $rows = [
            // kind                          measured          path             floor                                                        layer      applies
            [BreachKind::UnderOneForward, $s->age,           'child.born_on', Months::of(self::UNDER_ONE_MONTHS),                          $practice, true],
            [BreachKind::LawRear,         $s->age,           'child.born_on', $law->rearFacingUntilMonths,                                 'law',     true],
            [BreachKind::LawRear,         $s->child->weight, 'child.weight',  $law->rearFacingUntilWeight,                                 'law',     true],
            [BreachKind::BoosterFloor,    $s->age,           'child.born_on', $s->practice->boosterFrom,                                   $practice, $booster],
            [BreachKind::BoosterFloor,    $s->child->weight, 'child.weight',  $s->practice->boosterWeight,                                 $practice, $booster],
            [BreachKind::BoosterFloor,    $s->age,           'child.born_on', $law->boosterFromMonths,                                     'law',     $booster],
        ];
        $breaches = [];
        $missing = [];
        foreach ($rows as [$kind, $measured, $path, $floor, $layer, $applies]) {
            if (! $applies || $floor === null) {
                continue;
            }
            if ($measured === null) {
                $missing[] = $path;
            } elseif ($measured->isLessThan($floor)) {
                $what = $measured instanceof Months ? 'age' : 'weight';
                $breaches[] = new Breach($kind, "{$what} {$measured->showBeside($floor)} is under the floor of {$floor->show($measured->unit)} for this mode", $measured, new Bound($floor, true, $layer, [Source::common()]));
            }
        }

        return [$breaches, $missing];
    }

    /**
     * Head room and shoulder markers as seen in the set-up.
     *
     * @return array{list<Breach>, list<string>}
     */
    private static function asInUse(Situation $s, ModeName $name, Mode $mode): array
    {
        $setup = $s->setup();
        $breaches = [];
        $missing = [];
        if ($name === ModeName::RearHarness) {
            $own = $mode->headClearanceMin?->asMinimum($s->madeOn(), $setup->heldBy);
            $bound = $own?->entry !== null ? Bound::ofMaker($own->entry, 'seat') : new Bound(Length::of(1, LengthUnit::Inch), true, 'default', [Source::common()]);
            if ($setup->headToShellTop === null) {
                $missing[] = 'setup.head_to_shell_top';
            } elseif (! $bound->allowsAtLeast($setup->headToShellTop)) {
                $breaches[] = new Breach(BreachKind::HeadRear, "{$setup->headToShellTop->showBeside($bound->value)} of shell above the head is " . ($bound->inclusive ? 'less' : 'not more') . " than {$bound->value->show($setup->headToShellTop->unit)}", $setup->headToShellTop, $bound);
            }
            array_push($missing, ...$own->missing ?? []);
        }
        if ($name === ModeName::ForwardHarness) {
            match ($setup->earsAbove) {
                null => $missing[] = 'setup.ears_above',
                true => $breaches[] = new Breach(BreachKind::HeadForward, 'the tops of the ears are above the shell or head rest'),
                false => null,
            };
        }
        if ($mode->shoulderMarkers === true) {
            match ($setup->marker) {
                null => $missing[] = 'setup.marker',
                Marker::Inside => null,
                default => $breaches[] = new Breach(BreachKind::ShoulderMarker, "the shoulder is {$setup->marker->value} the seat's shoulder markers"),
            };
        }

        return [$breaches, $missing];
    }
}
