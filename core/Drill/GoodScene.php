<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Record\FactLog;
use stdClass;

/** A set-up without fault, from a seat, a car and a child that go together. */
final readonly class GoodScene
{
    /** The day of every drill, and of its recall list: a drill is the same whenever it is made. */
    private const TODAY = '2026-10-10';

    private const LISTED = '2026-10-01';

    private const TRIES = 200;

    public function __construct(private DrillStock $stock, private Throws $throws) {}

    /**
     * @param array<string, mixed> $facts that it must have, path => value; with them there is no fault either
     * @param bool|null $onBus whether on a bus; null: now and then
     * @param bool|null $inVest whether in a vest; null: now and then
     * @return Scene|null null where no seat of the stock goes with any car and child
     */
    public function make(array $facts = [], ?bool $onBus = null, ?bool $inVest = null): ?Scene
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $scene = $this->tried($onBus, $inVest);
            if ($scene?->isGood() === true && self::has($scene, $facts)) {
                return $scene;
            }
        }

        return null;
    }

    /** @param array<string, mixed> $facts */
    private static function has(Scene $scene, array $facts): bool
    {
        foreach ($facts as $path => $value) {
            if (CasePath::get($scene->case, $path) !== $value) {
                return false;
            }
        }

        return true;
    }

    private function tried(?bool $onBus, ?bool $inVest): ?Scene
    {
        $isVest = ($inVest ?? $this->throws->rarely(8)) && $this->stock->vests !== [];
        $seat = $this->throws->one($isVest ? $this->stock->vests : $this->stock->seats);
        $modes = array_keys((array) (CasePath::get($seat, 'modes') ?? new stdClass()));
        $mode = $modes === [] ? null : ModeName::tryFrom((string) $this->throws->one($modes));
        if ($mode === null) {
            return null;
        }
        $onBus = $isVest || ($mode->hasHarness() && ($onBus ?? $this->throws->rarely(7)));
        $facts = [
            ...DrillChildren::for($mode, $isVest, $this->throws),
            'seat' => $seat,
            'seat.made_on' => $this->throws->one(['2022-05-01', '2023-03-14', '2024-08-20', '2025-02-11']),
            'setup.mode' => $mode->value,
            ...($onBus ? $this->bench($mode, $isVest) : $this->place($mode)),
        ];

        $scene = Scene::of(self::begin())?->with($facts);

        return $scene?->with(self::seenBeside($scene->assessment->situation));
    }

    /** @return array<string, mixed> what nobody must ask, but everybody sees: as it is where nothing is wrong */
    private static function seenBeside(AssessmentContext $s): array
    {
        $paths = match (true) {
            $s->isBooster() => ['setup.booster.slouch', 'setup.booster.slack'],
            $s->bus !== null => ['setup.harness.hips_snug', 'setup.harness.head_support_ok'],
            default => [
                'setup.harness.hips_snug',
                'setup.harness.head_support_ok',
                ...($s->beltHolds() ? ['setup.buckle_turns', 'setup.buckle_in_path', 'setup.unused_straps_stowed'] : []),
                ...($s->isRear() ? [] : ['setup.touches_vehicle_back', 'setup.head_restraint_pushes']),
                ...($s->setup()->tether->used === true ? ['setup.tether.twisted'] : []),
            ],
        };

        return array_combine($paths, array_map(static fn(string $path): mixed => GoodAnswers::to($path, $s), $paths));
    }

    /** @return array<string, mixed> */
    private function place(ModeName $mode): array
    {
        $car = $this->throws->one($this->stock->cars);
        $positions = array_filter((array) CasePath::get($car, 'positions'), static fn(mixed $place): bool => $place instanceof stdClass
            && preg_match('/\A[2-9]/', self::text($place, 'name')) === 1);
        $names = array_map(static fn(stdClass $place): string => self::text($place, 'name'), array_values($positions));
        $anchors = $mode->hasHarness() && $this->throws->rarely(4);
        $clip = ! $anchors && $mode->hasHarness() && $this->throws->rarely(6);

        return $names === [] ? [] : [
            'vehicle' => $car,
            'setup.position' => $this->throws->one($names),
            'setup.held_by' => $mode->hasHarness() ? ($anchors ? 'lower_anchors' : 'belt') : 'belt',
            ...($clip ? ['setup.lock' => ['clip']] : []),
        ];
    }

    /** @return array<string, mixed> */
    private function bench(ModeName $mode, bool $isVest): array
    {
        return [
            'bus.system' => $isVest ? 'vest' : $mode->value,
            'bus.bench.row' => $this->throws->one([1, 2, 3]),
            'bus.bench.side' => $this->throws->one(['left', 'right']),
            'bus.held_by' => $isVest ? ['wrap'] : [$this->throws->one(['belt', 'lower_anchors'])],
        ];
    }

    private static function text(stdClass $of, string $key): string
    {
        $value = $of->{$key} ?? null;

        return is_string($value) ? $value : '';
    }

    private static function begin(): stdClass
    {
        $case = FactLog::asKept([
            'format' => Reader::FORMAT,
            'version' => Reader::VERSION,
            'today' => self::TODAY,
            'practice' => 'us',
            'policy' => ['crash' => 'strict', 'second_signer' => false],
            'law' => ['rear_facing_until_months' => 24, 'back_row_until_months' => 156],
            'recall_list' => ['dated' => self::LISTED, 'campaigns' => []],
            'child' => new stdClass(),
        ]);
        assert($case instanceof stdClass);

        return $case;
    }
}
