<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeAttempt;
use App\Models\PracticeSet;
use App\Models\User;
use MintBuckle\Core\Drill\Drill;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\FixedDrill;
use Psr\Clock\ClockInterface;

/** Begins a drill for somebody. Sent twice, it is begun once. */
final readonly class BeginDrill
{
    public function __construct(private ClockInterface $clock, private Learner $learner) {}

    /**
     * @param string $id chosen by who sends it
     * @param FixedDrill|null $fixed a set-up that ships; null: one made anew
     * @param string|null $repeat code of an error that comes again; null: by weight
     * @param int<1, 4> $level
     */
    public function __invoke(string $id, User $user, int $seed, int $level, ?FixedDrill $fixed, ?string $repeat): string
    {
        $maker = new DrillMaker(DemoStock::read(), new SeededDice($seed), $this->learner->missed($user));
        $drill = match (true) {
            $fixed !== null => $fixed->make(DemoStock::read(), new SeededDice($seed)),
            $repeat !== null => $maker->of([$repeat]) ?? $maker->make(1),
            default => $maker->make($level),
        };
        $this->keep($id, ['user_id' => $user->id], $seed, $drill, $fixed->value ?? ($repeat === null ? 'drill' : 'repeat'));

        return $id;
    }

    /**
     * One of a class's drills: the same for everybody, whatever they missed before. Whoever began it already goes on with it.
     *
     * @param int $item from 0
     */
    public function ofClass(string $id, Practiser $practiser, PracticeSet $set, int $item): string
    {
        $of = $set->items[$item] ?? abort(404);
        $this->keep($id, $practiser->columns(), $of['seed'], ClassDrill::of($of), $of['fixed'] ?? 'drill', $set, $item);
        $mine = $practiser->mine($set->attempts()->getQuery())->where('item', $item)->value('id');

        return is_string($mine) ? $mine : $id;
    }

    /** @param array{user_id: int|null, guest?: string|null} $whose */
    private function keep(
        string $id,
        array $whose,
        int $seed,
        Drill $drill,
        string $kind,
        ?PracticeSet $set = null,
        ?int $item = null,
    ): void {
        PracticeAttempt::query()->insertOrIgnore($whose + [
            'practice_set_id' => $set?->id,
            'item' => $item,
            'id' => $id,
            'kind' => $kind,
            'seed' => $seed,
            'level' => count($drill->faults),
            'case' => json_encode($drill->case, JSON_THROW_ON_ERROR),
            'good' => json_encode($drill->good, JSON_THROW_ON_ERROR),
            'faults' => json_encode($drill->faults, JSON_THROW_ON_ERROR),
            'looked' => '[]',
            'named' => '{}',
            'mends' => '{}',
            'begun_at' => $this->clock->now(),
        ]);
    }
}
