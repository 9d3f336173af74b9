<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules;

use MintBuckle\Core\Context\AssessmentContext;

/** A rule of the car that has nothing to say on a school bus. */
final readonly class InCar implements Rule
{
    public function __construct(public Rule $rule) {}

    /**
     * @param list<Rule> $rules
     * @return list<self>
     */
    public static function all(array $rules): array
    {
        return array_map(static fn(Rule $rule): self => new self($rule), $rules);
    }

    public function finds(): array
    {
        return $this->rule->finds();
    }

    public function judge(AssessmentContext $s): iterable
    {
        return $s->bus === null ? $this->rule->judge($s) : [];
    }
}
