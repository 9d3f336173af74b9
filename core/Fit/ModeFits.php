<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Truth\Truth;
use WeakMap;

/** Every mode of the seat judged for this child, most protective first. */
final readonly class ModeFits
{
    /** @param list<ModeFit> $all */
    private function __construct(public array $all) {}

    public static function of(AssessmentContext $s): self
    {
        /** @var WeakMap<AssessmentContext, self> $judged each context once: many rules ask */
        static $judged = new WeakMap();

        return $judged[$s] ??= self::judged($s);
    }

    private static function judged(AssessmentContext $situation): self
    {
        $fits = [];
        foreach ($situation->seat->modes ?? [] as $name => $mode) {
            $fits[] = ModeJudge::judge($situation, ModeName::from($name), $mode);
        }
        if ($situation->setup()->beltFit !== null) {
            $fits[] = BeltOnlyJudge::judge($situation);
        }

        return new self($fits);
    }

    public function for(?ModeName $mode): ?ModeFit
    {
        foreach ($this->all as $fit) {
            if ($fit->mode === $mode) {
                return $fit;
            }
        }

        return null;
    }

    /** The first that fits with no undecided better one; else null. */
    public function best(): ?ModeName
    {
        foreach ($this->all as $fit) {
            if ($fit->fits !== Truth::No) {
                return $fit->fits === Truth::Yes ? $fit->mode : null;
            }
        }

        return null;
    }

    /** A mode of the seat, other than this, known to fit. */
    public function anotherThan(?ModeName $mode): ?ModeName
    {
        foreach ($this->all as $fit) {
            if ($fit->mode !== $mode && $fit->mode->hasSeat() && $fit->fits === Truth::Yes) {
                return $fit->mode;
            }
        }

        return null;
    }

    public function fits(ModeName $mode): Truth
    {
        return $this->for($mode)->fits ?? Truth::No;
    }

    /** Whether the child needs no seat any more. */
    public function fitsWithoutSeat(): Truth
    {
        foreach ($this->all as $fit) {
            if (! $fit->mode->hasSeat()) {
                return $fit->fits;
            }
        }

        return Truth::No;
    }
}
