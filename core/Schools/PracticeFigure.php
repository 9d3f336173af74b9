<?php

declare(strict_types=1);

namespace MintBuckle\Core\Schools;

use MintBuckle\Core\Facts\Standard;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** What a practice settles, one figure each. */
enum PracticeFigure: string
{
    case Movement = 'movement';
    case Clip = 'clip';
    case AnchorsForward = 'anchors_forward';
    case AnchorsRear = 'anchors_rear';
    case NoTether = 'no_tether';
    case BoosterFrom = 'booster_from';
    case BoosterWeight = 'booster_weight';
    case Accepted = 'accepted';

    /** As it is compared: two that are equal say the same. */
    public function of(RegionalPractice $practice): mixed
    {
        $exact = static fn(?Quantity $of): ?string => $of === null ? null : (string) $of->base()->stripTrailingZeros();
        $bound = static fn(Bound $bound): array => [$exact($bound->value), $bound->inclusive];

        return match ($this) {
            self::Movement => $bound($practice->movement),
            self::Clip => $bound($practice->clipDistance),
            self::AnchorsForward => $exact($practice->anchorsForward),
            self::AnchorsRear => $exact($practice->anchorsRear),
            self::NoTether => $practice->forwardWithoutTether,
            self::BoosterFrom => $exact($practice->boosterFrom),
            self::BoosterWeight => $exact($practice->boosterWeight),
            self::Accepted => $practice->accepted,
        };
    }

    /** The figure of a practice as it can be told. */
    public function told(RegionalPractice $practice): Message|Quantity|Listing
    {
        $bound = static fn(Bound $bound): Message => new Message('limits.values.bound', [
            'inclusive' => $bound->inclusive,
            'limit' => $bound->value,
        ]);

        return match ($this) {
            self::Movement => $bound($practice->movement),
            self::Clip => $bound($practice->clipDistance),
            self::AnchorsForward => $practice->anchorsForward ?? new Message('limits.values.label_only'),
            self::AnchorsRear => $practice->anchorsRear ?? new Message('limits.values.label_only'),
            self::NoTether => new Message('limits.values.no_tether', ['allowed' => $practice->forwardWithoutTether]),
            self::BoosterFrom => $practice->boosterFrom,
            self::BoosterWeight => $practice->boosterWeight ?? new Message('limits.values.none'),
            self::Accepted => Listing::names(array_map(static fn(Standard $one): string => $one->title(), $practice->accepted)),
        };
    }

    /** The figure as it is printed, whatever units are read; null where it is none. */
    public function printed(RegionalPractice $practice): ?string
    {
        $figure = match ($this) {
            self::Movement => $practice->movement->value,
            self::Clip => $practice->clipDistance->value,
            self::AnchorsForward => $practice->anchorsForward,
            self::AnchorsRear => $practice->anchorsRear,
            self::BoosterWeight => $practice->boosterWeight,
            self::NoTether, self::BoosterFrom, self::Accepted => null,
        };

        return $figure?->show();
    }

    /** @return list<Citation> */
    public function sources(RegionalPractice $practice): array
    {
        $own = $practice->sourceOf($this->value);

        return $own !== null ? [$own] : match ($this) {
            self::Movement => $practice->movement->sources,
            self::Clip => $practice->clipDistance->sources,
            self::AnchorsForward, self::AnchorsRear => [RegionalPractice::anchorsSource()],
            self::Accepted => [Source::AcceptedStandards->cite()],
            self::NoTether, self::BoosterFrom, self::BoosterWeight => [Source::Common->cite()],
        };
    }
}
