<?php

declare(strict_types=1);

namespace App\Practice;

use App\Checks\CheckDrawings;
use App\Models\PracticeAttempt;
use App\Models\PracticeSet;
use App\Units;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Handbook\RuleText;

/** A class: its drills, how far this learner is, and what the class found and missed, by error and never by person. */
final readonly class ClassPage
{
    /** @param array<int, PracticeAttempt> $mine by item */
    private function __construct(public PracticeSet $set, public bool $isInstructor, private array $mine) {}

    public static function of(PracticeSet $set, Practiser $practiser): self
    {
        $mine = [];
        foreach ($set->attempts->filter($practiser->owns(...)) as $attempt) {
            $mine[(int) $attempt->item] = $attempt;
        }

        return new self($set, $practiser->user?->id === $set->made_by, $mine);
    }

    /** @return list<array{number: int, title: Message, mine: PracticeAttempt|null, now: bool, begun: int, ended: int}> */
    public function items(): array
    {
        return array_map(fn(array $item, int $number): array => [
            'number' => $number,
            'title' => $this->title($number, $item),
            'mine' => $this->mine[$number] ?? null,
            'now' => $this->set->together === $number,
            'begun' => $this->set->attempts->where('item', $number)->count(),
            'ended' => $this->set->attempts->where('item', $number)->whereNotNull('ended_at')->count(),
        ], $this->set->items, array_keys($this->set->items));
    }

    /**
     * A set-up that ships is called by its errors: a learner sees that once theirs is ended.
     *
     * @param array{level: int, fixed: string|null} $item
     */
    private function title(int $number, array $item): Message
    {
        $fixed = FixedDrill::tryFrom($item['fixed'] ?? '');
        $mayKnow = $this->isInstructor || ($this->mine[$number] ?? null)?->ended_at !== null;

        return $fixed !== null && $mayKnow ? $fixed->title() : new Message('practice.class.item', [
            'n' => $number + 1,
            'level' => $fixed === null ? $item['level'] : count($fixed->codes()),
        ]);
    }

    /** What all answer now, as it stands there: for the screen that the class looks at. */
    public function shown(Units $units): ?CheckDrawings
    {
        $item = $this->isInstructor && $this->set->together !== null ? $this->set->items[$this->set->together] ?? null : null;

        return $item === null ? null : new CheckDrawings(
            DrillScene::ofClass($item)->shown->assessment->situation,
            InspectionPhase::Found,
            $units,
            FactLog::of([], InspectionPhase::Found),
        );
    }

    /** Whether a drill can be begun now: at one's own pace any, together the one that everybody answers. */
    public function isOpen(int $number): bool
    {
        return $this->set->together === null || $this->set->together === $number;
    }

    /** @return list<array{title: Message, met: int, found: int}> of all drills that were ended, those missed most first */
    public function results(): array
    {
        $codes = [];
        foreach ($this->set->attempts->whereNotNull('ended_at') as $attempt) {
            $score = $attempt->score();
            foreach ($attempt->faults as $code) {
                $codes[$code]['met'] = ($codes[$code]['met'] ?? 0) + 1;
                $codes[$code]['found'] = ($codes[$code]['found'] ?? 0) + (in_array($code, $score->hits, true) ? 1 : 0);
            }
        }
        $results = array_map(static fn(string $code, array $seen): array => [
            'title' => RuleText::of(Code::of($code))->title,
            'met' => $seen['met'],
            'found' => $seen['found'],
        ], array_keys($codes), array_values($codes));
        usort($results, static fn(array $a, array $b): int => $b['met'] - $b['found'] <=> $a['met'] - $a['found']);

        return $results;
    }
}
