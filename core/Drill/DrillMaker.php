<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use LogicException;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;

/**
 * Makes drills: a good set-up of the stock, broken one error at a time. Each error must be found by itself beside those before it; one that
 * hides another, or brings a second along, is not taken.
 */
final readonly class DrillMaker
{
    public const LEVELS = 4;

    /** Errors that were tried on one set-up before another one is taken. */
    private const ERRORS = 60;

    /** Set-ups before giving up: the stock holds nothing that can be broken so often. */
    private const SCENES = 60;

    private Throws $throws;

    /** @param array<string, int> $missed code => how much more often it is wanted */
    public function __construct(private DrillStock $stock, Dice $dice, private array $missed = [])
    {
        $this->throws = new Throws($dice);
    }

    /**
     * @param int<1, 4> $level number of errors
     * @throws LogicException where the stock holds nothing to make it from
     */
    public function make(int $level): Drill
    {
        for ($scene = 0; $scene < self::SCENES; $scene++) {
            $good = (new GoodScene($this->stock, $this->throws))->make()
                ?? throw new LogicException('nothing good can be made of this stock');
            $drill = $this->broken($good, $level);
            if ($drill !== null) {
                return $drill;
            }
        }
        throw new LogicException('nothing of this stock can be broken so often');
    }

    /**
     * With these very errors and no other.
     *
     * @param non-empty-list<string> $codes
     * @param array<string, mixed> $facts that the set-up must have, path => value
     * @param array<string, list<array<string, mixed>>> $slips by code: the only ways in which it may have gone wrong
     * @return Drill|null null where no set-up tried shows them alone
     */
    public function of(array $codes, array $facts = [], array $slips = []): ?Drill
    {
        $some = static fn(string $of): ?bool => array_filter(
            $codes,
            static fn(string $code): bool => preg_match("~\\A(?:{$of})~", $code) === 1,
        ) === [] ? null : true;
        [$onBus, $inVest] = [$some('bus\.'), $some('bus\.(vest_|wrap_|behind_|too_young)')];
        for ($try = 0; $try < self::SCENES; $try++) {
            $good = (new GoodScene($this->stock, $this->throws))->make($facts, $onBus, $inVest);
            [$scene, $made] = [$good, []];
            foreach ($codes as $code) {
                $slip = $scene === null ? null : $this->slip($scene, $code, $made, $slips[$code] ?? null);
                [$scene, $made[$code]] = $slip ?? [null, []];
            }
            if ($good !== null && $scene !== null) {
                return new Drill($scene->case, $good->case, $codes, $made);
            }
        }

        return null;
    }

    private function broken(Scene $good, int $level): ?Drill
    {
        $weights = DrillWeights::all(Rulebook::current(), $this->missed);
        [$scene, $slips] = [$good, []];
        for ($try = 0; $try < self::ERRORS && count($slips) < $level && $weights !== []; $try++) {
            $code = $this->throws->weighted($weights);
            unset($weights[$code]);
            $slip = $this->slip($scene, $code, $slips);
            if ($slip !== null) {
                [$scene, $slips[$code]] = $slip;
            }
        }
        $faults = $scene->codes();

        return count($slips) === $level && $faults !== [] ? new Drill($scene->case, $good->case, $faults, $slips) : null;
    }

    /**
     * @param array<string, array<string, mixed>> $made what went wrong before, by code
     * @param list<array<string, mixed>>|null $ways in which it may go wrong; null: any
     * @return array{Scene, array<string, mixed>}|null the set-up with this error more and no other, and what was changed
     */
    private function slip(Scene $scene, string $code, array $made, ?array $ways = null): ?array
    {
        $wanted = [...$scene->codes(), $code];
        sort($wanted);
        foreach ($ways ?? (new Slips($scene, $this->throws))->for(Code::of($code)) as $change) {
            $broken = $scene->with($change);
            if ($broken !== null && $broken->codes() === $wanted && self::stillShow($made, $scene, $broken)) {
                return [$broken, $change];
            }
        }

        return null;
    }

    /**
     * Whether what went wrong before still shows where it did: a child that was moved has left behind what was wrong with its place.
     *
     * @param array<string, array<string, mixed>> $made by code
     */
    private static function stillShow(array $made, Scene $before, Scene $after): bool
    {
        foreach ($made as $code => $changes) {
            $shown = array_intersect(array_keys($changes), ErrorFacts::of(Code::of($code), $before->assessment->situation));
            if (array_diff($shown, ErrorFacts::of(Code::of($code), $after->assessment->situation)) !== []) {
                return false;
            }
        }

        return true;
    }
}
