<?php

declare(strict_types=1);

namespace MintBuckle\Core;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;

/**
 * The answer to a case: verdict, findings in station order (worst first within a station), open questions (most useful first), computed
 * values.
 */
final class Assessment
{
    public readonly Verdict $verdict;

    private ?Computed $computed = null;

    /**
     * @param list<Finding> $findings
     * @param list<Question> $questions
     * @param AssessmentContext $situation the case as the rules saw it
     */
    public function __construct(
        public readonly string $rulebook,
        public readonly array $findings,
        public readonly array $questions,
        public readonly AssessmentContext $situation,
    ) {
        $this->verdict = Verdict::of($findings, $questions);
    }

    /** Dates, fits, card and forecasts, worked out when first asked for: no finding needs them. */
    public function computed(): Computed
    {
        return $this->computed ??= Computed::of($this->situation);
    }

    /** @return list<Finding> */
    public function findingsAt(Station $station): array
    {
        return array_values(array_filter($this->findings, static fn(Finding $f): bool => $f->station() === $station));
    }

    /** @return list<Question> */
    public function questionsAt(Station $station): array
    {
        return array_values(array_filter($this->questions, static fn(Question $q): bool => $q->station === $station));
    }

    /** What one station says by itself. */
    public function verdictAt(Station $station): Verdict
    {
        return Verdict::of($this->findingsAt($station), $this->questionsAt($station));
    }
}
