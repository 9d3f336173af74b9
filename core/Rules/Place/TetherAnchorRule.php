<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Place;

use MintBuckle\Core\CaseFile\Position;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/** Does the place have the tether anchor that this seat needs? */
final readonly class TetherAnchorRule implements Rule
{
    public function codes(): array
    {
        return [Code::PlaceNoTetherAnchor];
    }

    public function judge(Situation $s): iterable
    {
        if ($s->place === null || $s->tetherCalledFor() === Truth::No) {
            return;
        }
        if ($s->place->tetherAnchor === null) {
            yield new Question($s->placePath('tether_anchor'), Station::Place, Severity::Stop);
        }
        if ($s->place->tetherAnchor !== false) {
            return;
        }
        $demanded = self::demanded($s);
        if ($demanded === Truth::Unknown) {
            yield new Question($s->isRear() ? 'seat.tether_rear' : 'seat.tether_forward_required', Station::Place, Severity::Stop);

            return;
        }
        $elsewhere = array_filter($s->freePlaces(), static fn(Position $p): bool => $p->tetherAnchor === true) !== [];
        yield new Finding(
            Code::PlaceNoTetherAnchor,
            match (true) {
                $elsewhere => Severity::Fix,
                $demanded === Truth::Yes => Severity::Stop,
                default => Severity::Advise,
            },
            'This place has no tether anchor.',
            match (true) {
                $elsewhere => 'Move to a place that has one.',
                $demanded === Truth::Yes => 'The tether is needed: this seat does not ride here in this mode.',
                default => 'The seat\'s maker allows it without. Stow the strap.',
            },
            from: $demanded === Truth::Yes && $s->isForwardHarness() && ! $s->practice->forwardWithoutTether ? $s->practice->layer() : 'seat',
            sources: [Source::common()],
        );
    }

    private static function demanded(Situation $s): Truth
    {
        return match (true) {
            $s->isRear() => $s->tetherCalledFor(),
            ! $s->practice->forwardWithoutTether => Truth::Yes,
            default => Truth::of($s->seat?->tetherForwardRequired),
        };
    }
}
