<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeAttempt;
use App\Models\PracticeSet;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Handbook\RuleText;

/** Where practice begins: a new drill, what comes again today, the sets that ship, and the learner's map. */
final readonly class PracticePage
{
    /**
     * @param array<string, array{met: int, found: int}> $map by code
     * @param list<string> $due codes that come again today
     * @param Collection<int, PracticeAttempt> $last the learner's latest drills
     * @param Collection<int, PracticeSet> $classes that they made or take part in
     * @param list<string> $solved kinds of drill that they ended
     */
    private function __construct(
        private array $map,
        public array $due,
        public Collection $last,
        public Collection $classes,
        private array $solved,
    ) {}

    public static function of(User $user, Learner $learner): self
    {
        return new self(
            $learner->map($user),
            $learner->due($user),
            $learner->last($user),
            $learner->classes($user),
            $learner->solved($user),
        );
    }

    /** @return list<int> */
    public function levels(): array
    {
        return range(1, DrillMaker::LEVELS);
    }

    /** @return list<FixedDrill> */
    public function fixed(): array
    {
        return FixedDrill::cases();
    }

    /** It is called by its errors only once they were looked for. */
    public function called(FixedDrill $fixed): Message
    {
        return in_array($fixed->value, $this->solved, true) ? $fixed->title() : new Message('practice.class.item', [
            'n' => (int) array_search($fixed, FixedDrill::cases(), true) + 1,
            'level' => count($fixed->codes()),
        ]);
    }

    /** @return array<string, list<array{title: Message, met: int, found: int}>> by station, those missed most first */
    public function stations(): array
    {
        $stations = [];
        foreach ($this->map as $code => $seen) {
            $stations[Code::of($code)->station()->value][] = ['title' => RuleText::of(Code::of($code))->title] + $seen;
        }
        foreach ($stations as &$codes) {
            usort($codes, static fn(array $a, array $b): int => [$b['met'] - $b['found'], $b['met']]
                <=> [$a['met'] - $a['found'], $a['met']]);
        }

        return $stations;
    }

    public function title(PracticeAttempt $attempt): Message
    {
        $fixed = FixedDrill::tryFrom($attempt->kind);

        return $fixed === null
            ? new Message('practice.kind', ['kind' => $attempt->kind, 'level' => $attempt->level])
            : $this->called($fixed);
    }
}
