<?php

declare(strict_types=1);

namespace App\Practice;

use App\Checks\AnswerReader;
use App\Checks\UnreadableAnswer;
use App\Models\PracticeAttempt;
use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Finding\Code;
use Psr\Clock\ClockInterface;

/** What somebody does at a drill that is not ended: looks, names an error, puts something right, ends it. */
final readonly class WorkDrill
{
    public function __construct(private ClockInterface $clock, private Learner $learner) {}

    public function look(PracticeAttempt $attempt, DrillLook $look): void
    {
        self::write($attempt, static function (PracticeAttempt $open) use ($look): void {
            $open->looked = array_values(array_unique([...$open->looked, $look->value]));
        });
    }

    /** @throws UnreadableAnswer when that is not offered at this part */
    public function name(PracticeAttempt $attempt, string $path, string $code): void
    {
        $offered = array_map(static fn(Code $one): string => $one->value, DrillScene::of($attempt)->neighbours($path));
        if (! in_array($code, $offered, true)) {
            throw UnreadableAnswer::because('practice.offered');
        }
        self::write($attempt, static function (PracticeAttempt $open) use ($path, $code): void {
            $open->named += [$code => $path];
        });
    }

    /**
     * @param array<array-key, mixed> $posted as a fact of a check is posted
     * @throws UnreadableAnswer when it cannot be read, or cannot be so
     */
    public function mend(PracticeAttempt $attempt, string $path, array $posted, ?User $user): void
    {
        $scene = DrillScene::of($attempt);
        $askable = Questionnaire::standard()->for($path);
        $answer = $askable === null || ! in_array($path, $scene->paths(), true)
            ? throw UnreadableAnswer::because('not_a_fact')
            : AnswerReader::read($askable, $posted, null, $user);
        if (! $scene->takes($path, $answer)) {
            throw UnreadableAnswer::because('practice.cannot');
        }
        self::write($attempt, static function (PracticeAttempt $open) use ($path, $answer): void {
            $open->mends = [$path => $answer] + $open->mends;
        });
    }

    /** @throws UnreadableAnswer when it was not named, or is one that is put right on the spot */
    public function putAside(PracticeAttempt $attempt, string $code): void
    {
        $aside = isset($attempt->named[$code]) ? DrillScene::of($attempt)->aside(Code::of($code)) : [];
        if ($aside === []) {
            throw UnreadableAnswer::because('practice.cannot');
        }
        self::write($attempt, static function (PracticeAttempt $open) use ($aside): void {
            $open->mends = $aside + $open->mends;
        });
    }

    /** A guest is not remembered: what they missed does not come back. */
    public function end(PracticeAttempt $attempt, ?User $user): void
    {
        self::write($attempt, function (PracticeAttempt $open) use ($user): void {
            $open->ended_at = CarbonImmutable::instance($this->clock->now());
            if ($user !== null) {
                $this->learner->learnt($user, $open->score());
            }
        });
    }

    /**
     * What is ended stays as it is: nothing is written to it.
     *
     * @param Closure(PracticeAttempt): void $write
     */
    private static function write(PracticeAttempt $attempt, Closure $write): void
    {
        DB::transaction(static function () use ($attempt, $write): void {
            $open = PracticeAttempt::query()->lockForUpdate()->findOrFail($attempt->id);
            if ($open->ended_at === null) {
                $write($open);
                $open->save();
            }
        });
        $attempt->refresh();
    }
}
