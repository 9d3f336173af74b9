<?php

declare(strict_types=1);

namespace App\Actions;

use App\FactLog;
use App\LoggedFact;
use App\Models\RecallList;
use App\Track;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Record\ReinspectionRules;
use stdClass;

/**
 * A case with its facts laid on it, in order. Where the left track changes a fact, what was seen before and depends on it becomes
 * unknown until it is looked at again.
 */
final readonly class CaseOfFacts
{
    /** @param array<string, mixed> $stale path => what was seen before the change */
    private function __construct(public stdClass $raw, public array $stale, public CaseFile $case, public FactLog $facts) {}

    /** @throws InvalidCase when the facts contradict the format */
    public static function on(stdClass $case, FactLog $facts, ?RecallList $list, Track $track): self
    {
        $stale = [];
        foreach ($facts->entries as $entry) {
            if (! $entry->isOfTheCase()) {
                continue;
            }
            $before = $entry->track === Track::Left ? CasePath::get($case, $entry->key) : null;
            CasePath::set($case, $entry->key, $entry->value());
            unset($stale[$entry->key]);
            if (self::changes($entry, $before)) {
                $stale = [...$stale, ...self::staleNow($case, $entry->key)];
            }
        }

        AssembleCase::campaigns($case, $list);
        if ($track === Track::Found) {
            // What was found is put down before anybody hands over or signs.
            CasePath::set($case, 'handover', null);
            CasePath::set($case, 'policy.second_signer', false);
        }

        return new self($case, $stale, Reader::fromObject($case), $facts);
    }

    /** Only what was known can have been changed: a fact given for the first time makes nothing stale. */
    private static function changes(LoggedFact $entry, mixed $before): bool
    {
        return $entry->track === Track::Left && $before !== null && json_encode($before) !== json_encode($entry->value());
    }

    /** @return array<string, mixed> */
    private static function staleNow(stdClass $case, string $changed): array
    {
        $stale = [];
        foreach (ReinspectionRules::standard()->after($changed) as $path) {
            $seen = CasePath::get($case, $path);
            if ($seen !== null) {
                $stale[$path] = $seen;
                CasePath::set($case, $path, null);
            }
        }

        return $stale;
    }
}
