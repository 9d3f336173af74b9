<?php

declare(strict_types=1);

namespace App\Checks;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;

/**
 * The one thing to do next: a fault to put right, a list of plain looks, a strap test, or a question. Faults come first, all of them before
 * what they disturb is seen again.
 */
final readonly class NextThing
{
    /** So many looks come before the single questions of their station, as the trade looks first and measures then. */
    private const MANY_LOOKS = 4;

    private const MOVED = '/\Asetup\.movement\.(side|front|up)\z/';

    private const STRAP_TEST = 'setup.harness.tightness.test';

    /** @var Station|null where it stands; null where nothing is left to do */
    public ?Station $station;

    /**
     * @param AskedRow|null $row the next question
     * @param FindingCard|null $mend the fault that is put right now
     * @param LooseBox|null $loose what to try where it will not hold, beside that fault
     * @param list<AskedRow> $looks plain looks that stand together, the next question among them
     * @param list<TightnessTest> $strapTests told in one press with their outcome, the seat's own first; none where one was told
     */
    private function __construct(
        private AskedRows $asked,
        public ?AskedRow $row,
        public ?FindingCard $mend,
        public ?LooseBox $loose,
        public array $looks,
        public array $strapTests,
    ) {
        $this->station = $mend?->finding->station() ?? $row?->askable->station;
    }

    /**
     * @param Station $here where the technician is: its own come before those of the others
     * @param bool $signed nothing is done any more
     */
    public static function at(
        Station $here,
        AskedRows $asked,
        Assessment $assessment,
        FactLog $facts,
        InspectionPhase $phase,
        bool $signed,
    ): self {
        if ($signed) {
            return new self($asked, null, null, null, [], []);
        }
        $row = $asked->next($here);
        $mend = $phase === InspectionPhase::Found ? null : self::toMend($here, $asked, $assessment, $facts);

        return new self(
            $asked,
            $row,
            $mend,
            $mend === null ? null : LooseBox::beside($mend->finding, $asked->situation, $facts),
            $row === null ? [] : self::looksAround($row, $asked),
            $row === null ? [] : self::strapTests($row, $facts, $asked->situation),
        );
    }

    /** The same movement felt by hand, where a direction's figure is entered. */
    public function felt(?AskedRow $row): ?AskedRow
    {
        return $row !== null && preg_match(self::MOVED, $row->path) === 1 ? $this->asked->rows(["{$row->path}_felt"])[0] ?? null : null;
    }

    /** @return list<string> paths of the facts that stand in its box */
    public function paths(): array
    {
        $rows = match (true) {
            $this->mend !== null => $this->mend->facts,
            $this->looks !== [] => $this->looks,
            default => array_values(array_filter([$this->row, $this->felt($this->row)])),
        };

        return array_map(static fn(AskedRow $row): string => $row->path, $rows);
    }

    /** Which test the strap's tightness is tried with on this seat. */
    public static function ownStrapTest(AssessmentContext $s): TightnessTest
    {
        return $s->seat->tightnessTest ?? $s->convention->tightness ?? TightnessTest::Pinch;
    }

    private static function toMend(Station $here, AskedRows $asked, Assessment $assessment, FactLog $facts): ?FindingCard
    {
        $findings = $assessment->findings;
        usort($findings, static fn(Finding $a, Finding $b): int => ($b->station() === $here) <=> ($a->station() === $here));
        foreach ($findings as $finding) {
            $card = $finding->severity === Severity::Fix ? FindingCard::of($finding, $asked, $facts) : null;
            if ($card !== null && $card->facts !== [] && $card->declined === null) {
                return $card;
            }
        }

        return null;
    }

    /** @return list<AskedRow> */
    private static function looksAround(AskedRow $row, AskedRows $asked): array
    {
        $looks = $asked->looks($row->askable->station);
        $standsThere = array_filter($looks, static fn(AskedRow $look): bool => $look->path === $row->path) !== [];

        return $standsThere || count($looks) >= self::MANY_LOOKS ? $looks : [];
    }

    /** @return list<TightnessTest> */
    private static function strapTests(AskedRow $row, FactLog $facts, AssessmentContext $s): array
    {
        if ($row->path !== self::STRAP_TEST || $facts->latest('setup.harness.tightness.passes') !== null) {
            return [];
        }
        $own = self::ownStrapTest($s);

        return [$own, ...array_values(array_filter(TightnessTest::cases(), static fn(TightnessTest $test): bool => $test !== $own))];
    }
}
