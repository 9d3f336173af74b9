<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BaseUse;
use MintBuckle\Core\Facts\BeltPath;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/**
 * The car at the other end of a flight: the place in use stands for it, and a shell that lifts off its base comes without. Common
 * practice.
 */
final readonly class FlightCar
{
    private LockFinder $locks;

    private function __construct(private AssessmentContext $s)
    {
        $this->locks = LockFinder::at(
            $s->seat ?? new Seat(),
            $s->place ?? new SeatingPosition(''),
            $s->placePaths(),
            $s->seat?->detachable === true ? BaseUse::None : null,
        );
    }

    /** @return list<Message> */
    public static function steps(AssessmentContext $s): array
    {
        $car = new self($s);

        return array_values(array_filter([
            $car->belt(),
            ...$car->locks(),
            $s->isRear() ? null : new Message('flight.car.tether'),
            $s->isRear() ? new Message('flight.car.level') : null,
            $car->handle(),
            new Message('flight.car.movement'),
        ]));
    }

    /** @return list<string> paths of the facts that would tell how its belt locks */
    public static function missing(AssessmentContext $s): array
    {
        $car = new self($s);

        return $car->locks->anyWorks() === Truth::Yes ? [] : $car->locks->missing();
    }

    private function belt(): Message
    {
        $seat = $this->s->seat;
        $isLifted = $seat?->detachable === true;
        $webbing = ($isLifted ? $seat->baselessWebbing : null) ?? $this->s->modeRules?->webbing;

        return new Message('flight.car.belt', [
            'base' => $isLifted,
            'path' => $this->s->isRear() ? BeltPath::Rear : BeltPath::Forward,
            'webbing' => match ($webbing) {
                Webbing::Both => 'both',
                Webbing::Lap => 'lap',
                null => 'manual',
            },
        ]);
    }

    /** @return list<Message> the first way that works; what to look at or to do where none is known */
    private function locks(): array
    {
        $works = array_values(array_filter($this->locks->inOrder(), static fn(LockWay $way): bool => $way->works === Truth::Yes));

        return match ($this->locks->anyWorks()) {
            Truth::Yes => [new Message('flight.car.lock', ['because' => $works[0]->because()])],
            Truth::No => [new Message('flight.car.no_lock')],
            Truth::Unknown => [new Message('flight.car.look')],
        };
    }

    private function handle(): ?Message
    {
        $handles = $this->s->modeRules->handlePositions ?? [];

        return ! $this->s->isRear() || count($handles) < 2
            ? null
            : new Message('flight.car.handle', ['handles' => Listing::any(array_map(AfterSteps::handle(...), $handles))]);
    }
}
