<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Facts\TightnessTest;

/** Short help for busy hands: a title, the picture that goes with it, and a few steps. Common practice of the trade. */
final readonly class Help
{
    /** @param list<string> $steps */
    private function __construct(public string $picture, public string $title, public array $steps) {}

    /** @param bool|null $rear which way the seat faces; null while unknown */
    public static function gettingItTight(?bool $rear): self
    {
        return new self('tight', 'How to get it tight', [
            'Weight into the seat over the belt path: hand, knee, or hips from behind, as the maker allows and not more than it takes.',
            'Pull the shoulder webbing from inside the seat, near the buckle; rock side to side and feed the slack back.',
            'Peg the belt to stop it running back; take the peg off at the end so that it winds in.',
            'Cover off on the buckle side, to see twists. Front seats forward, to make room.',
            ...($rear === false ? ['Push the seat back while you tighten the tether.'] : []),
            ...(
                $rear === true
                    ? [
                        'When the seat will tip: noodle or towel at the crease before tightening, if its maker allows.',
                        'Pulling up at the top can spoil the recline: look at the angle again. A little too flat: press down at the '
                            . 'foot end.',
                    ]
                    : []
            ),
            'Still loose after three tries: the other way of holding it, then another place, then another seat.',
        ]);
    }

    public static function lockingClip(): self
    {
        return new self('clip', 'How to put a locking clip on', [
            'Buckle, tighten, and pinch both parts together at the plate.',
            'Unbuckle without letting go; put both layers under all four prongs, close to the plate.',
            'A second person pulls the buckle up from below while you press the plate in: tip the seat away from the buckle, then '
                . 'straighten it.',
            'A clip that goes back in its buckle too easily was set too loose; one that moves is taken off and begun again.',
            'The locking mode may be used to find the length; it must be off once the clip is on.',
        ]);
    }

    public static function tightness(TightnessTest $test): self
    {
        return $test === TightnessTest::Pinch
            ? new self('pinch', 'How to do the pinch test', [
                'Bottom and back against the seat, coat off. Slack up from the hips first, then pull the adjuster.',
                'At the shoulder, try to pinch the strap together lengthwise between thumb and finger.',
                'Tight: your fingers slide off, no webbing stays between them. Loose: a fold stays.',
                'One finger under the strap is another test and may pass where the pinch does not.',
            ])
            : new self('finger', 'How to do the finger test', [
                'Bottom and back against the seat, coat off. Slack up from the hips first, then pull the adjuster.',
                'At the shoulder, slide one finger flat between strap and child.',
                'Tight: one finger goes in, two do not. Loose: two go in.',
            ]);
    }

    public static function lockingABelt(): self
    {
        return new self('lock', 'How belts lock', [
            'Something must fix the length of the lap part, or the seat slides when the car stops hard.',
            'In this order: a lock-off or clamp door on the seat, a latch plate that grips, a retractor that ratchets, a locking clip.',
            'Buckle first, slack out, then lock: a locked belt gives no more webbing.',
            'Prove it with a firm pull: it must give nothing.',
        ]);
    }

    public static function measuringMovement(): self
    {
        return new self('move', 'How to try the movement', [
            'At the belt path only: elsewhere a seat is meant to move.',
            'With your weaker hand and the force of a handshake, side to side and front to back.',
            'With the tether loose first: a tight tether can hide a loose seat. Tighten it, then try again.',
        ]);
    }
}
