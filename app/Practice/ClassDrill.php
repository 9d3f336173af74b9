<?php

declare(strict_types=1);

namespace App\Practice;

use LogicException;
use MintBuckle\Core\Drill\Drill;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Record\FactLog;
use stdClass;

/** A drill of a class, made again from what its instructor chose. */
final readonly class ClassDrill
{
    /** @param array{seed: int, level: int, fixed: string|null, code: string|null, case?: string, good?: string} $item */
    public static function of(array $item): Drill
    {
        if (isset($item['case'], $item['good'])) {
            return self::kept($item['case'], $item['good']);
        }
        $fixed = FixedDrill::tryFrom($item['fixed'] ?? '');
        $maker = new DrillMaker(DemoStock::read(), new SeededDice($item['seed']));
        $level = max(1, min(DrillMaker::LEVELS, $item['level']));

        return match (true) {
            $fixed !== null => $fixed->make(DemoStock::read(), new SeededDice($item['seed'])),
            $item['code'] !== null => $maker->of([$item['code']]) ?? $maker->make($level),
            default => $maker->make($level),
        };
    }

    /** One that was a real check. */
    private static function kept(string $case, string $good): Drill
    {
        [$shown, $mended] = [FactLog::decode($case), FactLog::decode($good)];
        assert($shown instanceof stdClass && $mended instanceof stdClass);
        $faults = array_values(array_unique(Scene::of($shown)?->codes() ?? []));

        return $faults === [] ? throw new LogicException('nothing is wrong here') : new Drill($shown, $mended, $faults, []);
    }
}
