<?php

declare(strict_types=1);

namespace App\Checks;

use App\FollowUps\KeepFollowUps;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\RecallList;
use App\Models\User;
use App\Models\Visit;
use App\Recalls\MatchAgain;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;

/**
 * Something is learnt after a family has left: a fact is added with its reason and author. What was signed stays as it was signed; the
 * lists show the worse of both, and a serial number learnt late is matched with the newest recalls.
 */
final readonly class Amend
{
    /** The family is gone: what it does itself and who signed cannot change any more. */
    private const NEVER = '/\Ahandover/';

    public function __construct(
        private ClockInterface $clock,
        private Projection $projection,
        private MatchAgain $match,
        private Judge $judge,
    ) {}

    public static function may(string $key): bool
    {
        return preg_match(self::NEVER, $key) !== 1 && Questionnaire::standard()->for($key) !== null;
    }

    /**
     * @param array<array-key, mixed> $posted
     * @throws UnreadableAnswer with what to do; nothing is kept then
     */
    public function __invoke(Check $check, string $id, string $key, array $posted, ?string $reason, User $author): void
    {
        if ($reason === null || trim($reason) === '') {
            throw UnreadableAnswer::because('amend.why');
        }
        DB::transaction(function () use ($check, $id, $key, $posted, $reason, $author): void {
            $visit = Visit::query()->lockForUpdate()->findOrFail($check->visit_id);
            if ($visit->left_at === null || $check->signed_at === null) {
                throw UnreadableAnswer::because('amend.not_signed');
            }
            $askable = Questionnaire::standard()->for($key);
            if ($askable === null || ! self::may($key)) {
                throw UnreadableAnswer::because('not_a_fact');
            }
            $event = CheckupEvent::query()->findOrFail($visit->checkup_event_id);
            $event->setRelation('recallList', $event->recall_list_id === null ? null : RecallList::known($event->recall_list_id));
            $check->setRelation('visit', $visit->setRelation('event', $event));
            $check->forgetLogged();
            $before = $askable->kind->isAddedTo() ? CasePath::get($check->caseOf(InspectionPhase::Left)->raw, $key) : null;
            $value = AnswerReader::read($askable, $posted, $before, $author);
            NoteFact::append(
                $check,
                $id,
                InspectionPhase::Left,
                $key,
                $value,
                $author,
                $this->clock->now(),
                $reason,
                posted: $posted,
                amends: true,
            );
            try {
                $check->caseOf(InspectionPhase::Left);
            } catch (InvalidCase $e) {
                throw UnreadableAnswer::of($e->problems[0]);
            }
            $this->projection->keep($check);
            $this->match->one($check);
            KeepFollowUps::of($this->judge->of($check, InspectionPhase::Left));
        });
    }
}
