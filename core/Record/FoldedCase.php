<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

use Closure;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\CaseFile;
use stdClass;

/**
 * A case with its facts laid on it, in order. Where the left phase changes a fact, what was seen before and depends on it becomes
 * unknown until it is looked at again.
 */
final readonly class FoldedCase
{
    /** @param array<string, mixed> $stale path => what was seen before the change */
    private function __construct(public stdClass $raw, public array $stale, public CaseFile $case, public FactLog $facts) {}

    /**
     * @param stdClass $case what is known before anybody looked: the day and its settings
     * @param (Closure(mixed, mixed): list<stdClass>)|null $campaigns those of the day's recall list that may concern a maker and a model
     * @throws InvalidCase when the facts contradict the format
     */
    public static function of(stdClass $case, FactLog $facts, InspectionPhase $phase, ?Closure $campaigns): self
    {
        $stale = [];
        foreach ($facts->entries as $entry) {
            if (! $entry->isOfTheCase()) {
                continue;
            }
            $before = $entry->phase === InspectionPhase::Left ? CasePath::get($case, $entry->key) : null;
            CasePath::set($case, $entry->key, $entry->value());
            unset($stale[$entry->key]);
            if (self::changes($entry, $before)) {
                $stale = [...$stale, ...self::staleNow($case, $entry->key)];
            }
        }

        self::takeCampaigns($case, $campaigns);
        if ($phase === InspectionPhase::Found) {
            // What was found is put down before anybody hands over or signs.
            CasePath::set($case, 'handover', null);
            CasePath::set($case, 'policy.second_signer', false);
        }

        return new self($case, $stale, Reader::fromObject($case), $facts);
    }

    /**
     * Puts those campaigns into a case that may concern its seat, now that it is known.
     *
     * @param (Closure(mixed, mixed): list<stdClass>)|null $campaigns by maker and model
     */
    public static function takeCampaigns(stdClass $case, ?Closure $campaigns): void
    {
        if ($campaigns !== null) {
            CasePath::set(
                $case,
                'recall_list.campaigns',
                $campaigns(CasePath::get($case, 'seat.maker'), CasePath::get($case, 'seat.model')),
            );
        }
    }

    /** Only what was known can have been changed: a fact given for the first time makes nothing stale. */
    private static function changes(LoggedFact $entry, mixed $before): bool
    {
        return $entry->phase === InspectionPhase::Left && $before !== null && json_encode($before) !== json_encode($entry->value());
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
