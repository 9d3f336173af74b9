<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Finding\Finding;

/** One rider at one place, held one way: what breaks there, what only stands while nothing better is free, what it costs. */
final readonly class PlaceOption
{
    /**
     * @param int $place index of the position
     * @param list<Finding> $breaks stop or fix, whoever sits elsewhere
     * @param list<Finding> $whileNoBackPlace fix as soon as a back place is free; else the advise beside it
     * @param list<Finding> $whileNoTetherPlace fix as soon as a place with a tether anchor is free
     * @param int $mustBeTaken places, as bits, of which none may stay free: this rider could take them, and then what is advised must be
     *                         put right
     * @param list<Finding> $advises
     * @param list<string> $unknown paths of facts to be looked at first
     * @param int $grave how many of them could turn out to stop it
     * @param bool $well held well: by its own anchors or a belt that locks without a clip
     * @param bool $borrowed held by bars of the places beside it
     */
    public function __construct(
        public int $place,
        public ?HeldBy $heldBy,
        public array $breaks,
        public array $whileNoBackPlace,
        public array $whileNoTetherPlace,
        public int $mustBeTaken,
        public array $advises,
        public array $unknown,
        public int $grave,
        public bool $well,
        public bool $borrowed,
    ) {}

    public function usesAnchors(): bool
    {
        return $this->heldBy === HeldBy::LowerAnchors || $this->heldBy === HeldBy::Both;
    }

    /** @return list<string> codes that stand in the way, and those that may, depending on who sits elsewhere */
    public function codes(): array
    {
        return array_values(array_unique(array_map(
            static fn(Finding $f): string => $f->code->value,
            [...$this->breaks, ...$this->whileNoBackPlace, ...$this->whileNoTetherPlace],
        )));
    }

    /** @param list<string> $waived codes that no longer count */
    public function without(array $waived): self
    {
        $back = self::rest($this->whileNoBackPlace, $waived);
        $tether = self::rest($this->whileNoTetherPlace, $waived);

        return new self(
            $this->place,
            $this->heldBy,
            self::rest($this->breaks, $waived),
            $back,
            $tether,
            $back === [] && $tether === [] ? 0 : $this->mustBeTaken,
            $this->advises,
            $this->unknown,
            $this->grave,
            $this->well,
            $this->borrowed,
        );
    }

    /**
     * @param list<Finding> $findings
     * @param list<string> $waived
     * @return list<Finding>
     */
    private static function rest(array $findings, array $waived): array
    {
        return array_values(array_filter($findings, static fn(Finding $f): bool => ! in_array($f->code->value, $waived, true)));
    }

    /**
     * Of two ways at one place only the better is planned with, unless bars might be wanted by the place beside it.
     *
     * @param list<self> $options
     * @return list<self>
     */
    public static function withoutDominated(array $options): array
    {
        $open = array_values(array_filter($options, static fn(self $o): bool => $o->breaks === []));
        if ($open === []) {
            usort($options, static fn(self $a, self $b): int => count($a->breaks) <=> count($b->breaks));

            return array_slice($options, 0, 1);
        }
        // Judged once for belt and anchors, advice depends on the place, not on the way.
        usort(
            $open,
            static fn(self $a, self $b): int => [
                count($a->unknown),
                ! $a->well,
                $a->usesAnchors(),
            ] <=> [count($b->unknown), ! $b->well, $b->usesAnchors()],
        );

        return $open[0]->usesAnchors() ? $open : array_slice($open, 0, 1);
    }
}
