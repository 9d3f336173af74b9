<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeAttempt;
use App\Models\PracticeRepeat;
use App\Models\PracticeSet;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Drill\DrillScore;
use MintBuckle\Core\Drill\Spacing;
use Psr\Clock\ClockInterface;

/** What somebody has practised: how often each error was found and missed, and which come again when. */
final readonly class Learner
{
    /** Of how many drills the map is made: what was long ago says little. */
    private const LATEST = 200;

    private const SHOWN = 8;

    public function __construct(private ClockInterface $clock) {}

    /** @return array<string, array{met: int, found: int}> code => how often it was there, and how often it was named */
    public function map(User $user): array
    {
        $map = [];
        foreach ($this->latest($user) as $score) {
            foreach ($score->hits as $code) {
                $map[$code] = ['met' => ($map[$code]['met'] ?? 0) + 1, 'found' => ($map[$code]['found'] ?? 0) + 1];
            }
            foreach ($score->misses as $code) {
                $map[$code] = ['met' => ($map[$code]['met'] ?? 0) + 1, 'found' => $map[$code]['found'] ?? 0];
            }
        }
        ksort($map);

        return $map;
    }

    /** @return array<string, int> code => how much more often it is wanted than by its own weight */
    public function missed(User $user): array
    {
        return array_filter(array_map(static fn(array $seen): int => 3 * ($seen['met'] - $seen['found']), $this->map($user)));
    }

    /** @return Collection<int, PracticeAttempt> the latest, also those that are not ended */
    public function last(User $user): Collection
    {
        return PracticeAttempt::query()->where('user_id', $user->id)->orderByDesc('begun_at')
            ->limit(self::SHOWN)->get(PracticeAttempt::LISTED);
    }

    /** @return Collection<int, PracticeSet> classes that they made or take part in, the latest first */
    public function classes(User $user): Collection
    {
        return PracticeSet::query()->where('made_by', $user->id)
            ->orWhereHas('attempts', static fn($attempts) => $attempts->where('user_id', $user->id))
            ->orderByDesc('made_at')->limit(self::SHOWN)->get();
    }

    /** @return list<string> kinds of drill that they ended at least once */
    public function solved(User $user): array
    {
        $kinds = PracticeAttempt::query()->where('user_id', $user->id)->whereNotNull('ended_at')->distinct()->pluck('kind')->all();

        return array_values(array_filter($kinds, is_string(...)));
    }

    /** @return list<string> codes that come again today, the longest due first */
    public function due(User $user): array
    {
        $codes = PracticeRepeat::query()
            ->where('user_id', $user->id)
            ->where('due_on', '<=', $this->today()->toDateString())
            ->orderBy('due_on')->orderBy('code')->pluck('code')->all();

        return array_values(array_filter($codes, is_string(...)));
    }

    /** What was missed comes again tomorrow; what was found comes again later, or no more. */
    public function learnt(User $user, DrillScore $score): void
    {
        foreach ($score->misses as $code) {
            $this->repeat($user, $code, Spacing::missed());
        }
        $waiting = PracticeRepeat::query()->where('user_id', $user->id)->whereIn('code', $score->hits)
            ->where('due_on', '<=', $this->today()->toDateString())->get();
        foreach ($waiting as $repeat) {
            $this->repeat($user, $repeat->code, Spacing::found($repeat->stage));
        }
    }

    private function repeat(User $user, string $code, ?Spacing $next): void
    {
        $mine = PracticeRepeat::query()->where('user_id', $user->id)->where('code', $code);
        if ($next === null) {
            $mine->delete();

            return;
        }
        PracticeRepeat::query()->upsert(
            [[
                'user_id' => $user->id,
                'code' => $code,
                'stage' => $next->stage,
                'due_on' => $this->today()->addDays($next->days)->toDateString(),
            ]],
            ['user_id', 'code'],
            ['stage', 'due_on'],
        );
    }

    /** @return list<DrillScore> */
    private function latest(User $user): array
    {
        return array_values(PracticeAttempt::query()->where('user_id', $user->id)->whereNotNull('ended_at')
            ->orderByDesc('ended_at')->limit(self::LATEST)->get(PracticeAttempt::LISTED)
            ->map(static fn(PracticeAttempt $attempt): DrillScore => $attempt->score())->all());
    }

    private function today(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->clock->now());
    }
}
