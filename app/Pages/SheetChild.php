<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\AssembleCase;
use App\Beside;
use App\FactLog;
use App\Models\Check;
use App\Models\Fact;
use App\Track;
use App\Units;
use MintBuckle\Core\Asking\AskedOf;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Card\EveryRide;
use MintBuckle\Core\CaseFile\CaseFile;
use MintBuckle\Core\Finding\Assessment;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rulebook;

/** One child on the take-home sheet. */
final readonly class SheetChild
{
    /**
     * @param string $facts the child and its seat in one line
     * @param list<Finding> $corrected found open, and put right
     * @param list<Finding> $open still to be put right, or to be known
     * @param list<Finding> $advice good to know
     * @param list<array{string, string}> $dates what happens when
     * @param list<string> $everyRide
     * @param list<string> $by who worked here
     * @param array<string, string> $declined subject of an open finding => why the family did not want it changed
     */
    private function __construct(
        public Check $check,
        public Assessment $assessment,
        public string $facts,
        public array $corrected,
        public array $open,
        public array $advice,
        public array $dates,
        public array $everyRide,
        public array $by,
        public array $declined,
    ) {}

    public static function of(Check $check, Units $units, Rulebook $rulebook): self
    {
        $case = AssembleCase::read($check, Track::Left);
        $left = Assessor::assess($case, $rulebook);
        $isAdvice = static fn(Finding $f): bool => $f->severity === Severity::Advise;

        return new self(
            $check,
            $left,
            self::facts($case, $left, $units),
            FoundAndLeft::corrected($check, $left, $rulebook),
            array_values(array_filter($left->findings, static fn(Finding $f): bool => ! $isAdvice($f))),
            array_values(array_filter($left->findings, $isAdvice)),
            self::dates($left),
            EveryRide::of($left->situation, $units->length()),
            array_values($check->facts->map(static fn(Fact $fact): string => $fact->author->name)->unique()->all()),
            self::declined($check, $left),
        );
    }

    /** Why the family did not want a finding put right; null where they were not asked or agreed. */
    public function whyDeclined(Finding $finding): ?string
    {
        return $this->declined[FindingCard::subject($finding)] ?? null;
    }

    /** @return array<string, string> */
    private static function declined(Check $check, Assessment $left): array
    {
        $facts = FactLog::of($check, Track::Left);
        $why = [];
        foreach ($left->findings as $finding) {
            $latest = $facts->latest(Beside::Declined->key(FindingCard::subject($finding)));
            if ($latest?->value() === true) {
                $why[FindingCard::subject($finding)] = $latest->note ?? '';
            }
        }

        return $why;
    }

    private static function facts(CaseFile $case, Assessment $assessment, Units $units): string
    {
        return implode(' · ', array_filter([
            $assessment->computed->ageMonths?->show(),
            $case->child->weight === null ? null : $units->show($case->child->weight),
            $case->child->height === null ? null : $units->show($case->child->height),
            trim(($case->seat->maker ?? '') . ' ' . ($case->seat->model ?? '')),
            $case->setup?->mode?->title(),
            $case->setup?->position === null ? null : AskedOf::placeTitle($case->setup->position),
        ]));
    }

    /** @return list<array{string, string}> */
    private static function dates(Assessment $assessment): array
    {
        $computed = $assessment->computed;
        $likely = $computed->outgrown[$computed->bestMode->value ?? '']->likely ?? null;

        return array_values(array_filter([
            $computed->nextSlotChange === null ? null : ['About ' . self::month($computed->nextSlotChange), 'The shoulder reaches the next harness slot: look at the straps. An estimate.'],
            $likely === null || $computed->bestMode === null ? null : ['About ' . self::month($likely), "The child outgrows it as a {$computed->bestMode->word()}. An estimate from the growth charts."],
            $computed->expiresOn === null ? null : [$computed->expiresOn->show(), 'From this day the seat may no longer be used.'],
        ]));
    }

    /** "Apr 2027" of "2027-04". */
    private static function month(string $month): string
    {
        return substr(CalendarDate::parse($month . '-01')->show(), 2);
    }
}
