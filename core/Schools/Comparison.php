<?php

declare(strict_types=1);

namespace MintBuckle\Core\Schools;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Keeping;

/** The same facts judged by two practices: only what differs, and the points on which schools differ there. */
final readonly class Comparison
{
    /**
     * @param list<Finding> $onlyHere found by this practice alone
     * @param list<Finding> $onlyThere found by the other alone
     * @param list<array{here: Finding, there: Finding}> $otherwise found by both, with another weight, limit or wording
     * @param list<Question> $askedHere asked by this practice alone
     * @param list<Question> $askedThere asked by the other alone
     * @param list<FigurePair> $figures in which the practices differ
     * @param list<SchoolPoint> $points that what differs touches
     */
    private function __construct(
        public Assessment $here,
        public Assessment $there,
        public array $onlyHere,
        public array $onlyThere,
        public array $otherwise,
        public array $askedHere,
        public array $askedThere,
        public array $figures,
        public array $points,
    ) {}

    /**
     * @param RegionalPractice|null $own an organisation's copy that speaks here; null: the practice that the case names
     * @param RegionalPractice|null $otherOwn an organisation's copy of the other; null: that practice itself
     */
    public static function of(
        CaseFile $case,
        PracticeCode $other,
        Rulebook $rulebook,
        ?RegionalPractice $own = null,
        ?RegionalPractice $otherOwn = null,
    ): self {
        $here = Assessor::assess($case, $rulebook, $own);
        $there = Assessor::assess($case->under($other), $rulebook, $otherOwn);
        [$was, $is] = [self::bySubject($here->findings), self::bySubject($there->findings)];
        $otherwise = [];
        foreach (array_intersect_key($was, $is) as $subject => $finding) {
            if (! self::same($finding, $is[$subject])) {
                $otherwise[] = ['here' => $finding, 'there' => $is[$subject]];
            }
        }
        [$onlyHere, $onlyThere] = [array_values(array_diff_key($was, $is)), array_values(array_diff_key($is, $was))];
        [$asked, $askedThere] = [self::byPath($here->questions), self::byPath($there->questions)];
        [$askedHere, $askedThere] = [
            array_values(array_diff_key($asked, $askedThere)),
            array_values(array_diff_key($askedThere, $asked)),
        ];

        return new self(
            $here,
            $there,
            $onlyHere,
            $onlyThere,
            $otherwise,
            $askedHere,
            $askedThere,
            FigurePair::differing($here->situation->practice, $there->situation->practice),
            self::points(
                [...$onlyHere, ...$onlyThere, ...array_column($otherwise, 'here'), ...array_column($otherwise, 'there')],
                [...$askedHere, ...$askedThere],
                $here->situation->isRear(),
            ),
        );
    }

    /** Whether anything that the check shows would differ: verdict, findings or questions. */
    public function differs(): bool
    {
        return $this->onlyHere !== [] || $this->onlyThere !== [] || $this->otherwise !== []
            || $this->askedHere !== [] || $this->askedThere !== [];
    }

    /**
     * Points that anything of this check touches, whether it would differ or not.
     *
     * @return list<SchoolPoint>
     */
    public function touched(): array
    {
        return self::points(
            [...$this->here->findings, ...$this->there->findings],
            [...$this->here->questions, ...$this->there->questions],
            $this->here->situation->isRear(),
        );
    }

    /**
     * @param list<Finding> $findings
     * @param list<Question> $questions
     * @return list<SchoolPoint> in the handbook's order
     */
    private static function points(array $findings, array $questions, bool $facesRear): array
    {
        $touched = array_merge(
            [],
            ...array_map(static fn(Finding $f): array => SchoolPoint::ofFinding($f, $facesRear), $findings),
            ...array_map(static fn(Question $q): array => SchoolPoint::ofQuestion($q, $facesRear), $questions),
        );

        return array_values(array_filter(SchoolPoint::cases(), static fn(SchoolPoint $p): bool => in_array($p, $touched, true)));
    }

    /**
     * @param list<Finding> $findings
     * @return array<string, Finding>
     */
    private static function bySubject(array $findings): array
    {
        $found = [];
        foreach ($findings as $finding) {
            $found[$finding->key()] = $finding;
        }

        return $found;
    }

    /**
     * @param list<Question> $questions
     * @return array<string, Question>
     */
    private static function byPath(array $questions): array
    {
        return array_combine(array_map(static fn(Question $q): string => $q->path, $questions), $questions);
    }

    /** Two that come from practices of other names are alike where weight, wording and limit are. */
    private static function same(Finding $one, Finding $other): bool
    {
        $plain = static fn(Finding $f): string => json_encode([
            $f->severity,
            Keeping::toJson($f->message()),
            Keeping::toJson($f->remedy()),
            Keeping::toJson($f->toldLimit()),
        ], JSON_THROW_ON_ERROR);

        return $plain($one) === $plain($other);
    }
}
