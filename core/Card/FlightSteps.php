<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BeltPath;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * How a harness seat flies, from before the day to its place and out again. 14 CFR 121.311, from memory, where it names place and seat;
 * else common practice.
 */
final readonly class FlightSteps
{
    private function __construct(private AssessmentContext $s) {}

    /** @return list<Message> what is settled before the day */
    public static function before(AssessmentContext $s): array
    {
        return [
            new Message('flight.before.airline'),
            new Message('flight.before.label'),
            $s->seat?->width === null
                ? new Message('flight.before.measure')
                : new Message('flight.before.width', ['width' => $s->seat->width]),
            new Message('flight.before.carry'),
        ];
    }

    /** @return list<Message> from the choice of the place to the child in it */
    public static function aboard(AssessmentContext $s): array
    {
        $steps = new self($s);

        return array_values(array_filter([
            new Message('flight.aboard.window'),
            $s->seat?->detachable === true ? new Message('flight.aboard.base') : null,
            $steps->setting(),
            $steps->handle(),
            new Message('flight.aboard.path', ['path' => $s->isRear() ? BeltPath::Rear : BeltPath::Forward]),
            $steps->shoulderPart(),
            new Message('flight.aboard.tighten'),
            new Message('flight.aboard.buckle'),
            new Message('flight.aboard.straps'),
            $s->isRear() ? $steps->level() : null,
            new Message('flight.aboard.child'),
        ]));
    }

    /** @return list<Message> how it comes out of the aircraft */
    public static function out(AssessmentContext $s): array
    {
        return [
            new Message('flight.out.wait'),
            new Message('flight.out.open'),
            new Message('flight.out.all', ['base' => $s->seat?->detachable === true]),
            new Message('flight.out.hold'),
        ];
    }

    private function setting(): ?Message
    {
        $settings = ReclineSettings::of($this->s)->allowed();

        return $settings === []
            ? null
            : new Message('flight.aboard.setting', ['settings' => Listing::any($settings), 'several' => count($settings) > 1]);
    }

    private function handle(): ?Message
    {
        $handles = $this->s->modeRules->handlePositions ?? [];

        return $handles === []
            ? null
            : new Message('flight.aboard.handle', ['handles' => Listing::any(array_map(AfterSteps::handle(...), $handles))]);
    }

    /** An aircraft has the lap part alone: a maker who wants both in a car must be asked. */
    private function shoulderPart(): ?Message
    {
        $webbing = ($this->s->seat?->detachable === true ? $this->s->seat->baselessWebbing : null) ?? $this->s->modeRules?->webbing;

        return $webbing === Webbing::Both ? new Message('flight.aboard.both') : null;
    }

    private function level(): Message
    {
        $reading = ReclineReading::of($this->s);
        $range = [
            'known' => match (true) {
                $reading->min !== null && $reading->max !== null => 'both',
                $reading->min !== null => 'least',
                $reading->max !== null => 'most',
                default => 'no',
            },
            'least' => $reading->min?->value,
            'most' => $reading->max?->value,
        ];

        return match (true) {
            $this->s->modeRules?->uprightWhenSits !== true => new Message('flight.aboard.level', $range),
            $this->s->child->sitsUnaided === true => new Message('flight.aboard.upright', $range),
            $this->s->child->sitsUnaided === false => new Message('flight.aboard.level', $range),
            default => new Message('flight.aboard.upright_if', $range),
        };
    }
}
