<?php

declare(strict_types=1);

namespace App\Practice;

use App\Calculators\CalculatorField;
use App\Checks\AskedRow;
use App\Checks\CheckDrawings;
use App\Checks\FactText;
use App\Models\PracticeAttempt;
use App\Units;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Drill\DrillScore;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Drawing\ModePlane;
use MintBuckle\Present\Handbook\RuleText;

/** A drill as far as it was worked through. */
final readonly class DrillPage
{
    private DrillScene $scene;

    public Scene $mended;

    public CheckDrawings $drawings;

    public function __construct(
        public PracticeAttempt $attempt,
        public Units $units,
        public ?string $problem,
        private ?string $problemAt,
    ) {
        $this->scene = DrillScene::of($attempt);
        $this->mended = $this->scene->mended();
        $looked = $this->isEnded() ? $this->scene->shown : $this->scene->looked();
        $this->drawings = new CheckDrawings(
            $looked->assessment->situation,
            InspectionPhase::Found,
            $units,
            FactLog::of([], InspectionPhase::Found),
        );
    }

    public function isEnded(): bool
    {
        return $this->attempt->ended_at !== null;
    }

    public function score(): DrillScore
    {
        return $this->attempt->score();
    }

    /** @return list<DrillLook> */
    public function looks(): array
    {
        return $this->scene->looks();
    }

    public function isLooked(DrillLook $look): bool
    {
        return in_array($look->value, $this->attempt->looked, true);
    }

    /** @return list<DrillLook> what was looked at, the last first; all of it once it is ended */
    public function taken(): array
    {
        return $this->isEnded() ? $this->looks() : array_reverse(array_values(array_filter(
            array_map(DrillLook::tryFrom(...), $this->attempt->looked),
            fn(?DrillLook $look): bool => $look !== null && in_array($look, $this->looks(), true),
        )));
    }

    public function plane(): ModePlane
    {
        return $this->drawings->plane()->unjudged($this->isLooked(DrillLook::Manual));
    }

    /** Where it was begun from: its class, or all of practice. */
    public function home(): string
    {
        $class = $this->attempt->practice_set_id;

        return $class === null ? route('practice') : route('practice.class.show', $class);
    }

    public function isHarness(): bool
    {
        return $this->scene->shown->assessment->situation->isHarness();
    }

    public function onBus(): bool
    {
        return $this->scene->shown->assessment->situation->bus !== null;
    }

    /** @return list<DrillRow> what a look shows */
    public function rows(DrillLook $look): array
    {
        $paths = array_filter($this->scene->paths(), static fn(string $path): bool => DrillLook::of($path) === $look);

        return [...$this->besides($look), ...array_map($this->row(...), array_values($paths))];
    }

    /** @return list<DrillNamed> errors that were there and were not named; known once it is ended */
    public function missed(): array
    {
        return array_map($this->named(...), $this->isEnded() ? $this->score()->misses : []);
    }

    /** @return list<DrillNamed> */
    public function allNamed(): array
    {
        return array_map(fn(int|string $code): DrillNamed => $this->named((string) $code), array_keys($this->attempt->named));
    }

    /** Whole minutes from its beginning to its end. */
    public function minutes(): int
    {
        return (int) $this->attempt->begun_at->diffInMinutes($this->attempt->ended_at ?? $this->attempt->begun_at);
    }

    private function row(string $path): DrillRow
    {
        $askable = Questionnaire::standard()->for($path);
        assert($askable !== null);
        $case = $this->scene->shown->assessment->situation->case;
        $value = CasePath::get($this->attempt->mends === [] ? $this->scene->shown->case : $this->mended->case, $path);
        $seen = AskedRow::of($askable, $path, $case, $value, false);
        $named = $this->namedAt($path);
        $isHit = array_filter($named, static fn(DrillNamed $one): bool => $one->isHit() && ! $one->isStop()) !== [];

        return new DrillRow(
            $path,
            $askable->short(),
            FactText::of($seen, $value),
            $this->offered($path),
            $named,
            $isHit ? new CalculatorField($askable, $path, $seen->choices, [], $this->problemAt === $path ? $this->problem : null) : null,
        );
    }

    /** @return list<DrillRow> */
    private function besides(DrillLook $look): array
    {
        $rows = $this->scene->besides($look);

        return array_map(fn(string $path, Message $told): DrillRow => new DrillRow(
            $path,
            DrillScene::named($path),
            $told,
            $this->offered($path),
            $this->namedAt($path),
            null,
        ), array_keys($rows), array_values($rows));
    }

    /** @return array<string, Message> */
    private function offered(string $path): array
    {
        $offered = [];
        foreach ($this->isEnded() ? [] : $this->scene->neighbours($path) as $code) {
            if (! isset($this->attempt->named[$code->value])) {
                $offered[$code->value] = RuleText::of($code)->title;
            }
        }

        return $offered;
    }

    /** @return list<DrillNamed> */
    private function namedAt(string $path): array
    {
        $codes = array_keys(array_filter($this->attempt->named, static fn(string $at): bool => $at === $path));

        return array_map(fn(int|string $code): DrillNamed => $this->named((string) $code), $codes);
    }

    private function named(string $code): DrillNamed
    {
        $of = static fn(Scene $scene): ?Finding => array_values(array_filter(
            $scene->faults(),
            static fn(Finding $finding): bool => $finding->code->value === $code,
        ))[0] ?? null;

        return new DrillNamed($code, RuleText::of(Code::of($code)), $of($this->scene->shown), $of($this->mended) === null);
    }
}
