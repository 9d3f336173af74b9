<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Computed;
use MintBuckle\Core\Situation;

/** The answer to a case: verdict, findings in station order (worst first within a station), open questions (most useful first), computed values. */
final readonly class Assessment
{
    public Verdict $verdict;

    /**
     * @param list<Finding> $findings
     * @param list<Question> $questions
     * @param Situation $situation the case as the rules saw it
     */
    public function __construct(
        public string $rulebook,
        public array $findings,
        public array $questions,
        public Computed $computed,
        public Situation $situation,
    ) {
        $this->verdict = Verdict::of($findings, $questions);
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
