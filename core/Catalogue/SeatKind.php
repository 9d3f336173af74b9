<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use MintBuckle\Core\Facts\ModeName;

/** A kind in the catalogue: which ways of riding such a seat usually has, and what its manual is sure to say. */
enum SeatKind: string
{
    case Infant = 'infant seat on base';
    case Convertible = 'convertible';
    case Rotating = 'rotating';
    case Combination = 'combination';
    case HighBackBooster = 'high-back booster';
    case BacklessBooster = 'backless booster';
    case Vest = 'vest';

    /** Asked of every kind. Common practice without source: what the label and the first pages of a manual say. */
    private const ALWAYS = ['maker', 'model', 'name', 'life_years', 'standards'];

    private const OF_HARNESS = ['lockoff', 'lower_anchor_child_max', 'slots', 'aircraft_certified'];

    private const OF_REAR = ['tether_rear', 'wedge_ok'];

    /** Of a way of riding, below its name. */
    private const OF_MODE = ['weight_min', 'weight_max', 'height_max'];

    /** @return list<string> the values, as files write them */
    public static function values(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** @return list<ModeName> that such a seat usually has, most protective first */
    public function modes(): array
    {
        return array_values(array_filter(ModeName::OF_SEATS, fn(ModeName $mode): bool => match ($this) {
            self::Infant => $mode->facesRear(),
            self::Convertible, self::Rotating => $mode->hasHarness(),
            self::Combination => ! $mode->facesRear() && $mode->hasBack(),
            self::HighBackBooster => $mode->isBooster() && $mode->hasBack(),
            self::BacklessBooster => $mode->isBooster() && ! $mode->hasBack(),
            self::Vest => $mode->isForwardHarness(),
        }));
    }

    /** Whether most manuals of such a seat give it, so that it stands first in the form. */
    public function usuallySays(ModelField $field): bool
    {
        $parts = explode('.', $field->path);

        return count($parts) === 3
            ? in_array($parts[2], self::ofMode(ModeName::from($parts[1])), true)
            : in_array($field->path, $this->ofSeat(), true);
    }

    /** @return list<string> */
    private function ofSeat(): array
    {
        $modes = $this->modes();
        $any = static fn(callable $can): bool => array_filter($modes, $can) !== [];

        return [
            ...self::ALWAYS,
            ...($any(static fn(ModeName $mode): bool => $mode->hasHarness()) ? self::OF_HARNESS : []),
            ...($any(static fn(ModeName $mode): bool => $mode->facesRear()) ? self::OF_REAR : []),
            ...($any(static fn(ModeName $mode): bool => $mode->isForwardHarness()) ? ['tether_forward_required'] : []),
            ...match ($this) {
                self::Infant => ['detachable', 'baseless', 'inserts'],
                self::Rotating => ['turns'],
                default => [],
            },
        ];
    }

    /** @return list<string> */
    private static function ofMode(ModeName $mode): array
    {
        return [
            ...self::OF_MODE,
            ...($mode->isBooster() ? ['height_min', 'anchors_allowed'] : []),
            ...($mode->facesRear() ? ['head_clearance_min'] : ['age_min_months']),
        ];
    }
}
