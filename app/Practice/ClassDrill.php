<?php

declare(strict_types=1);

namespace App\Practice;

use MintBuckle\Core\Drill\Drill;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\FixedDrill;

/** A drill of a class, made again from what its instructor chose. */
final readonly class ClassDrill
{
    /** @param array{seed: int, level: int, fixed: string|null, code: string|null} $item */
    public static function of(array $item): Drill
    {
        $fixed = FixedDrill::tryFrom($item['fixed'] ?? '');
        $maker = new DrillMaker(DemoStock::read(), new SeededDice($item['seed']));
        $level = max(1, min(DrillMaker::LEVELS, $item['level']));

        return match (true) {
            $fixed !== null => $fixed->make(DemoStock::read(), new SeededDice($item['seed'])),
            $item['code'] !== null => $maker->of([$item['code']]) ?? $maker->make($level),
            default => $maker->make($level),
        };
    }
}
