<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\CaseFile\HeldBy;
use MintBuckle\Core\CaseFile\Mode;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\CaseFile\TightnessTest;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/**
 * The ordered steps for this seat, mode, place and way of holding, from the facts. Buckled before locked, since a locked belt gives
 * no more webbing; movement tried with the tether loose, since a tight tether can hide a loose seat, and again after.
 */
final readonly class InstallationCard
{
    /** @return list<CardStep>|null null while mode, place or way of holding is not known */
    public static function of(Situation $s): ?array
    {
        if ($s->seat === null || $s->mode === null || $s->modeRules === null || $s->place === null) {
            return null;
        }
        if ($s->isBooster()) {
            return self::booster($s, $s->modeRules);
        }
        $heldBy = $s->setup()->heldBy;

        return $heldBy === null || $heldBy === HeldBy::Nothing ? null : [
            ...self::ready($s, $s->mode, $s->modeRules),
            ...($heldBy === HeldBy::LowerAnchors ? self::anchors($s) : self::belt($s)),
            ...self::tighten($s),
            ...self::childIn($s),
        ];
    }

    /** @return list<CardStep> */
    private static function ready(Situation $s, ModeName $mode, Mode $rules): array
    {
        $slot = SlotChoice::of($s, $mode)->slot;
        $settings = array_values(array_unique(array_merge(...array_map(static fn($row): array => $row->settings, $rules->recline))));
        $name = static fn(string $part): string => str_replace('_', ' ', $part);

        return [
            new CardStep($slot === null ? 'Set the shoulder straps to the right height.' : "Set the shoulder straps to slot {$slot}, counted from the lowest.", 'Both straps come from the same slot and lie flat.'),
            ...array_map(static fn(string $p): CardStep => new CardStep("Fit the {$name($p)}.", 'It sits firm.'), $rules->partsRequired),
            ...array_map(static fn(string $p): CardStep => new CardStep("Take the {$name($p)} off.", 'It is off.'), $rules->partsForbidden),
            ...($settings === [] ? [] : [new CardStep('Set the recline to ' . implode(' or ', $settings) . ', as the weight asks.', 'It clicks.')]),
            ...($rules->foot === null ? [] : [new CardStep("Set the foot of the base: {$rules->foot}.", 'It stands as the manual shows.')]),
            new CardStep('Set the vehicle seat upright and its head restraint where it belongs.', 'Nothing pushes the seat away.'),
            new CardStep($s->isRear() ? 'Put the seat on the cushion, facing the rear.' : 'Put the seat on the cushion, facing forward, back against back.', 'Enough of the base stands on the cushion.'),
            new CardStep('Open the ' . ($s->isRear() ? 'rear-facing path, under the legs.' : 'forward-facing path, behind the back.'), 'No strap of the seat lies in it.'),
            ...($s->tetherCalledFor() === Truth::Yes ? [new CardStep('Hook the tether on, still loose.', 'It is on a real tether anchor, the right way up.')] : []),
        ];
    }

    /** @return list<CardStep> */
    private static function belt(Situation $s): array
    {
        $ways = array_values(array_filter($s->locks->inOrder(), static fn(LockWay $w): bool => $w->works === Truth::Yes));
        $steps = ($ways[0] ?? null)->steps ?? [];

        return [
            new CardStep('Lead the belt through the path.', 'It lies flat, without a twist.'),
            new CardStep('Buckle.', 'It clicks and does not come apart when pulled.'),
            new CardStep('Take the slack out of the lap part first.', 'The belt lies snug before it is locked.'),
            ...array_map(static fn(string $step): CardStep => new CardStep($step, 'As said.'), array_values(array_filter($steps, static fn(string $step): bool => ! str_starts_with($step, 'Buckle') && ! str_starts_with($step, 'Pull')))),
        ];
    }

    /** @return list<CardStep> */
    private static function anchors(Situation $s): array
    {
        return [
            new CardStep('Lead the anchor strap through the path.', 'It lies flat, without a twist.'),
            new CardStep('Hook both ends on to the lower anchors of this place.', 'Each clicks, the right way up, and holds when pulled.'),
        ];
    }

    /** @return list<CardStep> */
    private static function tighten(Situation $s): array
    {
        $limit = MovementLimit::of($s)->bound;
        $amount = ($limit->inclusive ? 'no more than ' : 'less than ') . $limit->value->show();
        $moves = "At the belt path it moves {$amount}, side to side and front to back.";
        $tether = $s->tetherCalledFor() === Truth::Yes;

        return [
            new CardStep('Put weight into the seat over the belt path and pull tight.', 'The webbing gives nothing more.'),
            ...($s->anchorsHold() ? [] : [new CardStep('Prove the lock: pull firmly on the belt.', 'It gives nothing.')]),
            new CardStep('Try the movement' . ($tether ? ', the tether still loose.' : '.'), $moves),
            ...($tether ? [
                new CardStep($s->isRear() ? 'Take the slack out of the tether; do not draw the seat over.' : 'Tighten the tether.', 'No slack is left.'),
                new CardStep('Try the movement again.', $moves),
            ] : []),
            ...($s->isRear() ? [new CardStep('Read the recline indicator on level ground.', 'It stands in the zone for this child.')] : []),
            new CardStep('Close covers and guides; stow the straps that are not used.', 'Nothing hangs loose.'),
        ];
    }

    /** @return list<CardStep> */
    private static function childIn(Situation $s): array
    {
        $test = $s->seat->tightnessTest ?? $s->convention->tightness ?? TightnessTest::Pinch;
        $clip = $s->seat->chestClip ?? $s->convention->chestClip ?? true;

        return [
            new CardStep('Sit the child in, bottom and back against the seat, coat off.', 'Nothing lies behind or beneath the child.'),
            new CardStep('Click the tongues in one at a time; slack up from the hips, then the adjuster.', 'Straps lie flat.'),
            ...($clip ? [new CardStep('Close the chest clip.', 'It is level with the armpits.')] : []),
            new CardStep('Do the test at the shoulder.', $test === TightnessTest::Pinch ? 'No webbing can be pinched lengthwise.' : 'One finger goes between strap and child, two do not.'),
        ];
    }

    /** @return list<CardStep> */
    private static function booster(Situation $s, Mode $rules): array
    {
        return [
            new CardStep('Set the vehicle seat upright and its head restraint where it belongs.', 'The booster stands flat, back against back.'),
            ...($s->mode === ModeName::HighBackBooster ? [new CardStep('Raise the head part.', 'Its belt guide sits at or just above the shoulder.')] : []),
            ...($rules->anchorsAllowed === true && $s->anchorsHold() ? [new CardStep('Hook the booster to the lower anchors.', 'It stays when empty.')] : []),
            new CardStep('Sit the child in, back against the booster.', 'The child can stay so for the whole ride.'),
            new CardStep('Lead the lap part under both arm rests; on the buckle side both parts go under.', 'The lap part lies low over the thighs.'),
            new CardStep('Lead the shoulder part through its guide.', 'It crosses mid-chest, off the neck, on the shoulder.'),
            new CardStep('Buckle.', 'It clicks; the belt runs free and is not locked.'),
            new CardStep('Buckle the empty booster after the ride.', 'It cannot fly about.'),
        ];
    }
}
