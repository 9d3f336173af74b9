<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\Marker;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\Message;

/**
 * Whether one mode of a seat fits: the maker's limits for the way it is held, the floors of law and practice, a right slot,
 * and, for the mode in use, the head and shoulder markers.
 */
final readonly class ModeJudge
{
    /** Common practice; labels under 49 CFR 571.213 say the same, from memory. */
    public const UNDER_ONE_MONTHS = 12;

    /** Rear-facing, where the seat names no figure; common practice. */
    public static function leastShellAboveHead(): Length
    {
        return Length::of(1, LengthUnit::Inch);
    }

    public static function judge(AssessmentContext $s, ModeName $name, Mode $mode): ModeFit
    {
        $held = array_map(static fn(?HeldBy $way): array => [$way, self::judgeHeld($s, $name, $mode, $way)], self::ways($s, $name, $mode));

        return self::bestOf($held);
    }

    /** The same, held one way. */
    public static function judgeHeld(AssessmentContext $s, ModeName $name, Mode $mode, ?HeldBy $way): ModeFit
    {
        [$breaches, $missing] = self::makersLimits($s, $name, $mode, $way);
        [$floorBreaches, $floorMissing] = self::floors($s, $name);
        [$useBreaches, $useMissing] = $s->mode === $name ? self::asInUse($s, $name, $mode) : [[], []];
        $slotBreaches = SlotChoice::of($s, $name)->nothingRight
            ? [new Breach(BreachKind::MakersLimit, new Message('breaches.no_slot', ['shoulder' => $s->child->shoulderHeight]))]
            : [];

        return new ModeFit(
            $name,
            [...$breaches, ...$slotBreaches, ...$floorBreaches, ...$useBreaches],
            array_values(array_unique([...$missing, ...$floorMissing, ...$useMissing])),
        );
    }

    /**
     * Paths of the greatest weight and height that the maker gives for no way in which the seat may be held here.
     *
     * @return list<string>
     */
    public static function lackingMaxima(AssessmentContext $s, ModeName $name, Mode $mode): array
    {
        $lacks = static function (?Limit $limit) use ($s, $name, $mode): bool {
            foreach (self::ways($s, $name, $mode) as $way) {
                if ($limit !== null && ! $limit->asMaximum($s->madeOn(), $way)->isAbsent()) {
                    return false;
                }
            }

            return true;
        };

        return array_map(
            static fn(string $key): string => "seat.modes.{$name->value}.{$key}",
            array_keys(array_filter(['weight_max' => $lacks($mode->weightMax), 'height_max' => $lacks($mode->heightMax)])),
        );
    }

    /**
     * The set-up's own way of holding; without it each way a maker's limit tells apart. A booster held by nothing counts as held by
     * the belt, which holds both.
     *
     * @return non-empty-list<HeldBy|null>
     */
    private static function ways(AssessmentContext $s, ModeName $name, Mode $mode): array
    {
        $heldBy = $s->heldBy;
        if ($heldBy === HeldBy::Nothing) {
            $heldBy = $name->isBooster() ? HeldBy::Belt : null;
        }
        if ($heldBy !== null) {
            return [$heldBy];
        }
        foreach (self::limits($mode) as $limit) {
            if ($limit->tellsWaysOfHoldingApart()) {
                return [HeldBy::Belt, HeldBy::LowerAnchors];
            }
        }

        return [null];
    }

    /** @return list<Limit> */
    private static function limits(Mode $mode): array
    {
        return array_values(array_filter([
            $mode->weightMin,
            $mode->weightMax,
            $mode->heightMin,
            $mode->heightMax,
            $mode->ageMinMonths,
            $mode->ageMaxMonths,
        ]));
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
    private static function makersLimits(AssessmentContext $s, ModeName $name, Mode $mode, ?HeldBy $way): array
    {
        $child = $s->child;
        $path = "seat.modes.{$name->value}.";
        /** @var list<array{Quantity|null, string, string, Limit|null, bool, string|null}> $rows */
        $rows = [
            // measured           path                of what     figure               at least  a mode must have it
            [$child->weight, 'child.weight',  'weight', $mode->weightMin,    true,     null],
            [$child->weight, 'child.weight',  'weight', $mode->weightMax,    false,    $path . 'weight_max'],
            [$child->height, 'child.height',  'height', $mode->heightMin,    true,     null],
            [$child->height, 'child.height',  'height', $mode->heightMax,    false,    $path . 'height_max'],
            [$s->age,        'child.born_on', 'age',    $mode->ageMinMonths, true,     null],
            [$s->age,        'child.born_on', 'age',    $mode->ageMaxMonths, false,    null],
        ];
        $breaches = [];
        $missing = [];
        foreach ($rows as [$measured, $measuredPath, $what, $limit, $atLeast, $needed]) {
            $resolved = $atLeast ? $limit?->asMinimum($s->madeOn(), $way) : $limit?->asMaximum($s->madeOn(), $way);
            $broken = $measured === null
                ? null
                : ($atLeast ? $resolved?->brokenAsMinimum($measured) : $resolved?->brokenAsMaximum($measured));
            if ($resolved === null || $resolved->isAbsent()) {
                $missing = $needed === null ? $missing : [...$missing, $needed];
            } elseif ($measured !== null && $broken !== null) {
                $breaches[] = self::breach($what, $measured, $broken, $atLeast);
            } else {
                array_push(
                    $missing,
                    ...$resolved->missing,
                    ...($measured === null && ! $s->isNeverAsked($measuredPath) ? [$measuredPath] : []),
                );
            }
        }

        return [$breaches, $missing];
    }

    private static function breach(string $what, Quantity $measured, LimitEntry $entry, bool $atLeast): Breach
    {
        $against = match (true) {
            $atLeast => $entry->below ? 'not_more' : 'less',
            default => $entry->below ? 'not_less' : 'more',
        };

        return new Breach(
            BreachKind::MakersLimit,
            new Message('breaches.limit', [
                'measured' => new Beside($measured, $entry->value),
                'what' => $what,
                'against' => $against,
                'limit' => $entry->value,
            ]),
            $measured,
            Bound::ofMaker($entry, 'seat'),
        );
    }

    /**
     * What nothing goes under, whatever a seat says.
     *
     * @return array{list<Breach>, list<string>}
     */
    private static function floors(AssessmentContext $s, ModeName $name): array
    {
        if ($name->facesRear()) {
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
                $missing = $s->isNeverAsked($path) ? $missing : [...$missing, $path];
            } elseif ($measured->isLessThan($floor)) {
                $breaches[] = new Breach(
                    $kind,
                    new Message('breaches.floor', [
                        'measured' => new Beside($measured, $floor),
                        'what' => $measured instanceof Months ? 'age' : 'weight',
                        'floor' => $floor,
                    ]),
                    $measured,
                    new Bound($floor, true, $layer, [Source::Common->cite()]),
                );
            }
        }

        return [$breaches, $missing];
    }

    /**
     * Head room and shoulder markers as seen in the set-up.
     *
     * @return array{list<Breach>, list<string>}
     */
    private static function asInUse(AssessmentContext $s, ModeName $name, Mode $mode): array
    {
        $setup = $s->setup();
        $breaches = [];
        $missing = [];
        if ($name->facesRear()) {
            $figure = FigureInUse::atLeast(
                $s,
                $mode->headClearanceMin,
                new Bound(self::leastShellAboveHead(), true, 'default', [Source::Common->cite()]),
            );
            $bound = $setup->headToShellTop === null ? null : $figure->brokenBy($setup->headToShellTop);
            if ($setup->headToShellTop === null) {
                $missing[] = 'setup.head_to_shell_top';
            } elseif ($bound !== null) {
                $breaches[] = new Breach(
                    BreachKind::HeadRear,
                    new Message('breaches.head_rear', [
                        'above' => new Beside($setup->headToShellTop, $bound->value),
                        'least' => $bound->value,
                        'inclusive' => $bound->inclusive,
                    ]),
                    $setup->headToShellTop,
                    $bound,
                );
            }
            array_push($missing, ...$figure->missingFor($setup->headToShellTop));
        }
        if ($name->isForwardHarness()) {
            match ($setup->earsAbove) {
                null => $missing[] = 'setup.ears_above',
                true => $breaches[] = new Breach(BreachKind::HeadForward, new Message('breaches.head_forward')),
                false => null,
            };
        }
        if ($mode->shoulderMarkers === true) {
            match ($setup->marker) {
                null => $missing[] = 'setup.marker',
                Marker::Inside => null,
                default => $breaches[] = new Breach(
                    BreachKind::ShoulderMarker,
                    new Message('breaches.marker', ['marker' => $setup->marker]),
                ),
            };
        }

        return [$breaches, $missing];
    }
}
