<?php

declare(strict_types=1);

namespace MintBuckle\Core;

use MintBuckle\Core\Bus\BusQuestions;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Practice\RegionalPractice;

/** Start here: a case in, an assessment out. Every rule of the rulebook is asked once; nothing is remembered between cases. */
final readonly class Assessor
{
    /** @param RegionalPractice|null $practice an organisation's own copy; else the one that the case names */
    public static function assess(CaseFile $case, Rulebook $rulebook, ?RegionalPractice $practice = null): Assessment
    {
        $situation = new AssessmentContext($case, $practice);
        $findings = [];
        $questions = [];
        foreach ($rulebook->rules as $rule) {
            foreach ($rule->judge($situation) as $said) {
                if ($said instanceof Finding) {
                    $findings[] = $said;
                } else {
                    $questions[] = $situation->bus === null ? $said : BusQuestions::put($said, $situation);
                }
            }
        }
        usort(
            $findings,
            static fn(Finding $a, Finding $b): int => [
                $a->station()->rank(),
                $a->severity->rank(),
            ] <=> [$b->station()->rank(), $b->severity->rank()],
        );

        $asked = self::mostUsefulFirst(array_values(array_filter($questions)), $situation);

        return new Assessment($rulebook->version, $findings, $asked, $situation);
    }

    /**
     * One question a fact, those that could turn the verdict to do_not_use first; without a seat the seat alone is asked for.
     *
     * @param list<Question> $questions
     * @return list<Question>
     */
    private static function mostUsefulFirst(array $questions, AssessmentContext $s): array
    {
        $lacksSeat = $s->case->seat === null && $s->mode?->hasSeat() !== false;
        $byPath = [];
        foreach ($questions as $question) {
            $known = $byPath[$question->path] ?? null;
            if (($known === null || $question->couldBe->rank() < $known->couldBe->rank()) && (! $lacksSeat || $question->path === 'seat')) {
                $byPath[$question->path] = $question;
            }
        }
        uasort($byPath, static fn(Question $a, Question $b): int => $a->couldBe->rank() <=> $b->couldBe->rank());

        return array_values($byPath);
    }
}
