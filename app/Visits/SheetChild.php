<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\FindingCard;
use App\Checks\JudgedCheck;
use App\Units;
use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\EveryRide;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Handover;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;

/** One child on the take-home sheet. Once the family has left it is what was signed, never judged anew. */
final readonly class SheetChild
{
    /**
     * @param string $facts the child and its seat in one line
     * @param list<SheetLine> $open still to be put right, or to be known
     * @param int $unanswered how many things nobody has looked at
     * @param list<SheetLine> $corrected found open, and put right
     * @param list<SheetLine> $advice good to know
     * @param list<string>|null $card the steps to repeat it; null while they cannot be told, and where no child may ride in it
     * @param string|null $notice what the steps do not follow, or lack
     * @param list<string> $everyRide none where no child may ride in it
     * @param list<array{string, string}> $dates what happens when, in the order in which it comes
     * @param string $by who signed, in a sentence
     */
    private function __construct(
        public string $letter,
        public Verdict $verdict,
        public string $facts,
        public array $open,
        public int $unanswered,
        public array $corrected,
        public array $advice,
        public ?array $card,
        public ?string $notice,
        public array $everyRide,
        public array $dates,
        public string $by,
    ) {}

    /** As it was signed where the family has left; else as the facts stand now. */
    /** @param array<string, string> $names of people, by sign-in name */
    public static function of(JudgedCheck $judged, Units $units, array $names): self
    {
        $check = $judged->check;
        $signed = $check->signed_at === null ? null : $check->sheet[$units->value] ?? null;

        return is_array($signed) ? self::kept($signed) : self::now($judged, $units, $names);
    }

    /** @param array<string, string> $names of people, by sign-in name */
    public static function now(JudgedCheck $judged, Units $units, array $names): self
    {
        $left = $judged->assessment;
        $case = $judged->folded->case;
        $facts = $judged->folded->facts;
        $mayRide = $left->verdict !== Verdict::DoNotUse;
        $lines = static fn(callable $which): array => array_values(array_map(
            static fn(Finding $f): SheetLine => SheetLine::of($f, $units, self::whyDeclined($facts, $f)),
            array_filter($left->findings, $which),
        ));

        return new self(
            $judged->check->letter,
            $left->verdict,
            self::facts($case, $left, $units),
            $lines(static fn(Finding $f): bool => $f->severity !== Severity::Advise),
            count($left->questions),
            array_map(static fn(Finding $f): SheetLine => SheetLine::of($f, $units), $judged->corrected),
            $lines(static fn(Finding $f): bool => $f->severity === Severity::Advise),
            $mayRide && $left->computed()->card !== null
                ? array_map(static fn(CardStep $step): string => $step->step, $left->computed()->card)
                : null,
            $mayRide ? InstallationCard::notice($left->situation) : null,
            $mayRide ? EveryRide::of($left->situation, $units->length()) : [],
            SheetDates::of($left),
            self::by($case->handover ?? new Handover(), $names),
        );
    }

    /** @return array<string, mixed> as it is kept once it is signed */
    public function toArray(): array
    {
        return ['verdict' => $this->verdict->value] + array_filter(get_object_vars($this), is_string(...), ARRAY_FILTER_USE_KEY);
    }

    /** @param array<array-key, mixed> $kept */
    private static function kept(array $kept): self
    {
        $list = static fn(string $key): array => is_array($kept[$key] ?? null) ? array_values($kept[$key]) : [];
        $lines = static fn(string $key): array => array_map(SheetLine::kept(...), array_values(array_filter($list($key), is_array(...))));
        $words = static fn(string $key): array => array_values(array_filter($list($key), is_string(...)));
        $text = static fn(string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';
        $dates = array_map(
            static fn(array $d): array => [is_string($d[0] ?? null) ? $d[0] : '', is_string($d[1] ?? null) ? $d[1] : ''],
            array_values(array_filter($list('dates'), is_array(...))),
        );

        return new self(
            $text('letter'),
            Verdict::tryFrom($text('verdict')) ?? Verdict::NotFinished,
            $text('facts'),
            $lines('open'),
            is_int($kept['unanswered'] ?? null) ? $kept['unanswered'] : 0,
            $lines('corrected'),
            $lines('advice'),
            is_array($kept['card'] ?? null) ? $words('card') : null,
            is_string($kept['notice'] ?? null) ? $kept['notice'] : null,
            $words('everyRide'),
            $dates,
            $text('by'),
        );
    }

    /** Why the family did not want a finding put right; null where they were not asked or agreed. */
    private static function whyDeclined(FactLog $facts, Finding $finding): ?string
    {
        $latest = $facts->latest(AnnotationKind::Declined->key(FindingCard::subject($finding)));

        return $latest?->value() === true ? $latest->note ?? '' : null;
    }

    private static function facts(CaseFile $case, Assessment $assessment, Units $units): string
    {
        return implode(' · ', array_filter([
            $assessment->computed()->ageMonths?->show(),
            $case->child->weight === null ? null : $units->show($case->child->weight),
            $case->child->height === null ? null : $units->show($case->child->height),
            trim(($case->seat->maker ?? '') . ' ' . ($case->seat->model ?? '')),
            $case->setup?->mode?->title(),
            $case->setup?->position === null ? null : Answers::placeTitle($case->setup->position),
        ]));
    }

    /**
     * Only who has signed is named.
     *
     * @param array<string, string> $names
     */
    private static function by(Handover $handover, array $names): string
    {
        $name = static fn(?string $login): ?string => $login === null ? null : $names[$login] ?? ucfirst($login);
        $technician = $name($handover->technician?->id);
        $checker = $name($handover->checker?->id);

        return match (true) {
            is_string($technician) && is_string($checker) => "Checked by {$technician}; looked at a second time by {$checker}.",
            is_string($technician) => "Checked by {$technician}.",
            default => 'Not signed yet.',
        };
    }
}
