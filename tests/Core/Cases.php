<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Rulebook;
use stdClass;

/** Whole good cases, and the same with a few facts changed. */
final class Cases
{
    public const REAR = 'rear-good';

    public const FORWARD = 'forward-good';

    public const NZ = 'nz-rear-good';

    /** The checked booster case with its one fault put right. */
    public const BOOSTER = 'booster-lap-high';

    /** On a bus. */
    public const BUS_REAR = 'bus-g-rear-anchors';

    public const BUS_ADDON = 'bus-g-addon';

    public const BUS_VEST = 'bus-g-vest';

    public const GOOD_ON_BUS = [self::BUS_REAR, self::BUS_ADDON, self::BUS_VEST];

    public const GOOD = [self::REAR, self::FORWARD, self::NZ, self::BOOSTER];

    /** @param array<string, mixed> $changes by dotted path; null makes a fact unknown */
    public static function json(string $name, array $changes = []): stdClass
    {
        $file = json_decode((string) file_get_contents(dirname(__DIR__) . "/Golden/cases/{$name}.json"), false, 64, JSON_THROW_ON_ERROR);
        assert($file instanceof stdClass && $file->case instanceof stdClass);
        if ($name === self::BOOSTER) {
            $changes = ['setup.booster.lap' => 'thighs', ...$changes];
        }
        foreach ($changes as $path => $value) {
            CasePath::set($file->case, $path, json_decode(json_encode($value, JSON_THROW_ON_ERROR)));
        }

        return $file->case;
    }

    /** @param array<string, mixed> $changes */
    public static function read(string $name, array $changes = []): CaseFile
    {
        return Reader::fromObject(self::json($name, $changes));
    }

    /** @param array<string, mixed> $changes */
    public static function assess(string $name, array $changes = []): Assessment
    {
        return Assessor::assess(self::read($name, $changes), Rulebook::current());
    }

    /** @return list<string> "fix measure.loose side" */
    public static function found(Assessment $assessment): array
    {
        return array_map(static fn(Finding $f): string => rtrim("{$f->severity->value} {$f->code->value} {$f->subject}"), $assessment->findings);
    }

    /** @return list<string> */
    public static function asked(Assessment $assessment): array
    {
        return array_map(static fn(Question $q): string => $q->path, $assessment->questions);
    }

    /** @return array{value: int|float, unit: string} */
    public static function q(int|float $value, string $unit): array
    {
        return ['value' => $value, 'unit' => $unit];
    }
}
