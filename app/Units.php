<?php

declare(strict_types=1);

namespace App;

use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Unit;

/** The units a person works in; remembered in a cookie. */
enum Units: string
{
    case Imperial = 'imperial';
    case Metric = 'metric';

    public const COOKIE = 'units';

    /** What a cookie says, if it says anything sensible. */
    public static function remembered(mixed $cookie): self
    {
        return self::tryFrom(is_string($cookie) ? $cookie : '') ?? self::Imperial;
    }

    /** The unit in which a kind of measurement is entered. */
    public function for(AnswerKind $kind): ?Unit
    {
        return match ($kind) {
            AnswerKind::Length => $this->length(),
            AnswerKind::Mass => $this === self::Imperial ? MassUnit::Pound : MassUnit::Kilogram,
            AnswerKind::Angle => AngleUnit::Degree,
            default => null,
        };
    }

    public function length(): LengthUnit
    {
        return $this === self::Imperial ? LengthUnit::Inch : LengthUnit::Millimetre;
    }

    /** In which people's heights are written beside a drawing. */
    public function tall(): LengthUnit
    {
        return $this === self::Imperial ? LengthUnit::Inch : LengthUnit::Centimetre;
    }

    /** The symbol of the unit in which a field of a child is entered; null where it has none. */
    public function ofField(string $field): ?string
    {
        return match ($field) {
            'weight' => $this->for(AnswerKind::Mass)?->symbol(),
            'height' => $this->for(AnswerKind::Length)?->symbol(),
            default => null,
        };
    }

    /** What one press of + or - adds. */
    public function step(AnswerKind $kind): string
    {
        return match ($kind) {
            AnswerKind::Length => $this === self::Imperial ? '0.25' : '5',
            AnswerKind::Mass => $this === self::Imperial ? '1' : '0.5',
            default => '1',
        };
    }
}
