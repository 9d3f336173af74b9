<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Rulebook;
use stdClass;

/** A case of a drill in the file's shape, with what the assessor says to it. */
final readonly class Scene
{
    /** Answers that call for answers: none of the demo's seats needs more rounds. */
    private const ROUNDS = 25;

    private function __construct(public stdClass $case, public Assessment $assessment) {}

    /** @return self|null null where the format refuses it */
    public static function of(stdClass $case): ?self
    {
        try {
            return new self($case, Assessor::assess(Reader::fromObject($case), Rulebook::current()));
        } catch (InvalidCase) {
            return null;
        }
    }

    /**
     * The same with some facts otherwise, and whatever is asked because of that answered as where nothing is wrong.
     *
     * @param array<string, mixed> $facts path => value in the file's shape
     * @return self|null null where the format refuses it, or something asked has no right answer
     */
    public function with(array $facts): ?self
    {
        $scene = $this->laid($facts);
        for ($round = 0; $scene !== null && $scene->assessment->questions !== []; $round++) {
            $answers = [];
            foreach ($scene->assessment->questions as $question) {
                $answer = GoodAnswers::to($question->path, $scene->assessment->situation);
                if ($answer !== null) {
                    $answers[$question->path] = $answer;
                }
            }
            if ($answers === [] || $round === self::ROUNDS) {
                return null;
            }
            $scene = $scene->laid($answers);
        }

        return $scene;
    }

    public function isGood(): bool
    {
        return $this->assessment->verdict === Verdict::GoodToRide;
    }

    /** @return list<Finding> what stops or must be put right */
    public function faults(): array
    {
        return array_values(array_filter(
            $this->assessment->findings,
            static fn(Finding $f): bool => $f->severity === Severity::Stop || $f->severity === Severity::Fix,
        ));
    }

    /** @return list<string> their codes, in order of the alphabet */
    public function codes(): array
    {
        $codes = array_map(static fn(Finding $f): string => $f->code->value, $this->faults());
        sort($codes);

        return $codes;
    }

    /** @param array<string, mixed> $facts */
    private function laid(array $facts): ?self
    {
        $case = FactLog::asKept($this->case);
        assert($case instanceof stdClass);
        foreach ($facts as $path => $value) {
            CasePath::set($case, $path, FactLog::asKept($value));
        }

        return self::of($case);
    }
}
