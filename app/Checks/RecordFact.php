<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\User;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;

/**
 * Takes one answer, sees with the core's own reader that it makes sense in this case, and keeps it. The same entry arriving again changes
 * nothing; another one under its id is refused.
 */
final readonly class RecordFact
{
    public function __construct(private ClockInterface $clock, private Judge $judge) {}

    /**
     * @param array<array-key, mixed> $posted
     * @param array{string, string, array<array-key, mixed>}|null $with id, key and answer of a second fact that the same press tells
     * @throws UnreadableAnswer with what to do; nothing is kept then
     */
    public function __invoke(
        Check $check,
        InspectionPhase $phase,
        string $id,
        string $key,
        array $posted,
        User $author,
        ?string $note = null,
        ?array $with = null,
    ): void {
        OpenCheck::write($check, function (Check $check) use ($phase, $id, $key, $posted, $author, $note, $with): void {
            if ($with !== null) {
                $this->record($check, $phase, $with[0], $with[1], $with[2], $author, $note);
            }
            $this->record($check, $phase, $id, $key, $posted, $author, $note);
        });
    }

    /** @param array<array-key, mixed> $posted */
    private function record(Check $check, InspectionPhase $phase, string $id, string $key, array $posted, User $author, ?string $note): void
    {
        $askable = Questionnaire::standard()->for($key) ?? throw UnreadableAnswer::because('not_a_fact');
        if ($phase === InspectionPhase::Found && str_starts_with($key, 'handover')) {
            throw UnreadableAnswer::because('handover_later');
        }
        if ($key === 'handover.shown_back' && ($posted['answer'] ?? null) === 'yes') {
            $this->mustBeShownBack($check);
        }
        $before = $askable->kind->isAddedTo() ? CasePath::get($check->caseOf($phase)->raw, $key) : null;
        NoteFact::append(
            $check,
            $id,
            $phase,
            $key,
            AnswerReader::read($askable, $posted, $before, $author),
            $author,
            $this->clock->now(),
            $note,
            posted: $posted,
        );
        self::mustMakeSense($check, $phase, $key);
    }

    /**
     * Once the family has begun with the card, each who installs the seat at home must have done every step of it alone.
     *
     * @throws UnreadableAnswer
     */
    private function mustBeShownBack(Check $check): void
    {
        $left = $check->caseOf(InspectionPhase::Left);
        $card = $this->judge->check($check, InspectionPhase::Left)->computed()->card ?? [];
        $shown = CardPage::shownBack($check, $card, $left->facts);
        if ($shown->isBegun() && ! $shown->isDone()) {
            throw UnreadableAnswer::because('shown_alone');
        }
    }

    /** The core's own reader sees the case with the new fact in it; what it refuses is not kept, since this ends the transaction. */
    private static function mustMakeSense(Check $check, InspectionPhase $phase, string $key): void
    {
        try {
            $check->caseOf($phase);
        } catch (InvalidCase $e) {
            $check->forgetLogged();
            $own = array_filter($e->problems, static fn(Problem $p): bool => str_starts_with($p->path, $key));
            $problem = array_values($own)[0] ?? $e->problems[0];
            throw UnreadableAnswer::of($problem);
        }
    }
}
