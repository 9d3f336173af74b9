<?php

declare(strict_types=1);

namespace App\Checks;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Bus\BusQuestions;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use stdClass;

/** Which facts a station shows: those a rule still needs or that are known, and, apart, those that may be noted besides. */
final readonly class AskedRows
{
    /** Whole sections are begun by their first fact. */
    private const STAND_INS = [
        'handover' => 'handover.shown_back',
        'setup' => 'setup.mode',
        'handover.technician.id' => 'handover.technician',
        'handover.checker.id' => 'handover.checker',
    ];

    /** Entered as tries, beside their gauge. */
    private const TRIES = ['setup.movement.side', 'setup.movement.front', 'setup.movement.up'];

    private const ALWAYS = ['handover.shown_back', 'handover.technician', 'handover.checker', 'setup.mode', 'setup.position'];

    /** Whose date a signature brings along; asked for by itself only of somebody who has signed. */
    private const SIGNED_BY = [
        'handover.technician.certified_until' => 'handover.technician',
        'handover.checker.certified_until' => 'handover.checker',
    ];

    /** What the side drawing takes, beside those asked. */
    private const DRAWN_REAR = ['setup.angle', 'setup.overhang'];

    /** What is told first: the rest below the path is not asked while it is open. */
    private const LEADS = ['setup.tether.used' => 'setup.tether.'];

    private Questionnaire $catalogue;

    /** @param array<string, mixed> $stale path => what was seen before something it depends on was changed */
    public function __construct(
        private InspectionPhase $phase,
        private stdClass $raw,
        public AssessmentContext $situation,
        private Assessment $assessment,
        private FactLog $facts,
        private array $stale,
    ) {
        $this->catalogue = Questionnaire::standard();
    }

    /**
     * @param string|null $noting a fact that may be noted besides, and now is
     * @return array{list<AskedRow>, list<Askable>} rows, and what may be noted besides
     */
    public function at(Station $station, ?string $noting): array
    {
        $asked = $this->askedAt(null);
        $askedHere = $this->askedAt($station);
        $rows = [];
        $more = [];
        foreach ($this->catalogue->all as $askable) {
            if ($this->phase === InspectionPhase::Found && $askable->station === Station::Handover) {
                continue;
            }
            $atHome = $askable->station === $station;
            foreach ($this->paths($askable, $asked) as $path) {
                if (in_array($path, self::TRIES, true) && $this->situation->isHarness()) {
                    continue;
                }
                $isAskedHere = in_array($path, $askedHere, true);
                if (! $atHome && ! $isAskedHere) {
                    continue;
                }
                $row = $this->row($askable, $path, in_array($path, $asked, true));
                if ($isAskedHere || $path === $noting || $this->isShown($row)) {
                    $rows[] = $row;
                } elseif ($this->mayBeNoted($askable)) {
                    $more[] = $askable;
                }
            }
        }

        return [$rows, $more];
    }

    /**
     * The plain looks of a station that nobody has answered yet, where there are several; they are looked at in one go.
     *
     * @return list<AskedRow>
     */
    public function looks(Station $station): array
    {
        $looks = [];
        foreach ($this->inTurn($this->askedAt($station)) as $path) {
            $askable = $this->catalogue->for($path);
            if ($askable?->good !== null && (array_key_exists($path, $this->stale) || $this->facts->latest($path) === null)) {
                $looks[] = $this->row($askable, $path, true);
            }
        }

        usort($looks, static fn(AskedRow $a, AskedRow $b): int => $a->askable->order <=> $b->askable->order);

        return count($looks) > 1 ? $looks : [];
    }

    /**
     * The next open question in the practised order: of this station first, then from the first station on, handing over last. One that
     * was answered with "cannot tell" waits behind the others, and what is done elsewhere comes before them.
     */
    public function next(Station $station): ?AskedRow
    {
        $first = null;
        foreach ($this->inTurn($this->askedAt(null)) as $path) {
            $askable = $this->catalogue->for($path);
            $turn = $askable === null ? null : $this->turn($askable, $path, $station);
            if ($turn !== null && ($first === null || $turn < $first[0])) {
                $first = [$turn, $askable, $path];
            }
        }

        return $first === null ? null : $this->row($first[1], $first[2], true);
    }

    /**
     * @param list<string> $asked
     * @return list<string> without those that wait for another
     */
    private function inTurn(array $asked): array
    {
        $open = array_intersect_key(self::LEADS, array_flip($this->askedAt(null)));

        return array_values(array_filter($asked, static fn(string $path): bool => array_filter(
            $open,
            static fn(string $below, string $lead): bool => $path !== $lead && str_starts_with($path, $below),
            ARRAY_FILTER_USE_BOTH,
        ) === []));
    }

    /** @return list<int> which comes the earlier, the smaller it is */
    private function turn(Askable $askable, string $path, Station $here): array
    {
        $isNew = array_key_exists($path, $this->stale) || $this->facts->latest($path) === null;

        return [
            match (true) {
                $askable->kind === AnswerKind::Elsewhere => 0,
                $isNew => 1,
                default => 2,
            },
            // The family is handed over to last, wherever the technician stands.
            $askable->station === $here && $here !== Station::Handover ? 0 : $askable->station->rank(),
            $askable->order,
        ];
    }

    /**
     * @param list<string> $paths
     * @return list<AskedRow>
     */
    public function rows(array $paths): array
    {
        $rows = [];
        foreach ($paths as $path) {
            $askable = $this->catalogue->for($path);
            if ($askable !== null && $askable->kind !== AnswerKind::Elsewhere) {
                $rows[] = $this->row($askable, $path, false);
            }
        }

        return $rows;
    }

    private function row(Askable $askable, string $path, bool $asked): AskedRow
    {
        $before = $this->stale[$path] ?? null;

        return AskedRow::of(
            $askable,
            $path,
            $this->situation->case,
            CasePath::get($this->raw, $path),
            $asked,
            $before ?? $this->facts->foundBefore($path),
            $before !== null,
        );
    }

    /** @return list<string> paths that the rules of a station still need; of every station when none is named */
    private function askedAt(?Station $station): array
    {
        $questions = $station === null ? $this->assessment->questions : $this->assessment->questionsAt($station);

        return array_values(array_unique(array_map(fn(Question $q): string => $this->standIn($q->path), $questions)));
    }

    private function standIn(string $path): string
    {
        $signer = self::SIGNED_BY[$path] ?? null;

        return $signer !== null && CasePath::get($this->raw, "{$signer}.id") === null ? $signer : self::STAND_INS[$path] ?? $path;
    }

    private function isShown(AskedRow $row): bool
    {
        return $row->asked
            || $row->stale
            || ($row->value !== null && $row->askable->kind !== AnswerKind::Elsewhere && $row->askable->when !== AskedWhen::BesideFinding)
            || in_array($row->path, self::ALWAYS, true)
            || ($this->situation->isRear() && in_array($row->path, self::DRAWN_REAR, true));
    }

    /**
     * @param list<string> $asked
     * @return list<string>
     */
    private function paths(Askable $askable, array $asked): array
    {
        if (! $askable->hasStar()) {
            return [$askable->path];
        }
        $inUse = match (true) {
            str_starts_with($askable->path, 'vehicle.positions.*.') && $this->situation->place !== null => [str_replace(
                'vehicle.positions.*',
                $this->situation->placePath,
                $askable->path,
            )],
            str_starts_with($askable->path, 'seat.modes.*.') && $this->situation->modeRules !== null => [str_replace(
                'seat.modes.*.',
                $this->situation->modePath(''),
                $askable->path,
            )],
            default => [],
        };

        return array_values(array_unique([
            ...$inUse,
            ...($askable->kind === AnswerKind::Signature ? [] : array_filter($asked, $askable->matches(...))),
        ]));
    }

    private function mayBeNoted(Askable $askable): bool
    {
        return $askable->when === AskedWhen::InTurn
            && ($askable->ride === null || $askable->ride === $this->situation->mode?->ride())
            && BusQuestions::mayBeNoted($askable->path, $askable->station, $this->situation);
    }
}
