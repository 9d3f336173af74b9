<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Facts\ModeName;

/** Children that ride well in a way of riding: near the middle of the growth charts, rounded; from memory. */
final readonly class DrillChildren
{
    /** Completed months, pounds, inches, shoulder above the cushion in millimetres. */
    private const REAR = [[5, 15, 25.5, 212], [8, 18, 27, 235], [12, 21, 29.5, 258], [16, 24, 31, 272], [22, 27, 33.5, 292]];

    private const FORWARD = [[30, 31, 36, 312], [40, 35, 40, 332], [48, 37, 41, 345], [54, 39, 42.5, 360]];

    private const WITH_BACK = [[62, 43, 43.5, 398], [78, 50, 47, 420], [90, 57, 49, 440]];

    private const WITHOUT_BACK = [[94, 58, 50, 445], [100, 62, 52, 455], [112, 68, 53, 470]];

    private const IN_VEST = [[44, 36, 39.5, 325], [54, 41, 41.5, 345], [58, 44, 43, 352]];

    /** @return array<string, mixed> facts by path */
    public static function for(ModeName $mode, bool $inVest, Throws $throws): array
    {
        [$months, $pounds, $inches, $shoulder] = $throws->one(match (true) {
            $inVest => self::IN_VEST,
            $mode->facesRear() => self::REAR,
            $mode->hasHarness() => self::FORWARD,
            $mode->hasBack() => self::WITH_BACK,
            default => self::WITHOUT_BACK,
        });

        return [
            'child.age_months' => $months,
            'child.weight' => ['value' => $pounds, 'unit' => 'lb'],
            'child.height' => ['value' => $inches, 'unit' => 'in'],
            'child.shoulder_height' => ['value' => $shoulder, 'unit' => 'mm'],
            'child.sex' => $throws->one(['f', 'm']),
            'child.sits_unaided' => $months > 6,
        ];
    }
}
