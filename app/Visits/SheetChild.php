<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\FindingCard;
use App\Checks\JudgedCheck;
use App\Models\SeatModel;
use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\EveryRide;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Handover;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\Withdrawn;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Teaching\Condition;
use MintBuckle\Core\Teaching\DoneRight;
use MintBuckle\Core\Teaching\NextStep;
use MintBuckle\Core\Teaching\WhatNext;
use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\ListingKind;
use MintBuckle\Core\Telling\Message;

/** One child on the take-home sheet. Once the family has left it is what was signed, never judged anew. */
final readonly class SheetChild
{
    /**
     * @param Listing $facts the child and its seat in one line
     * @param list<Message> $right what the family already did right
     * @param list<SheetLine> $open still to be put right, or to be known
     * @param int $unanswered how many things nobody has looked at
     * @param list<SheetLine> $corrected found open, and put right
     * @param list<SheetLine> $advice good to know
     * @param list<Message>|null $card the steps to repeat it; null while they cannot be told, and where no child may ride in it
     * @param Message|null $notice what the steps do not follow, or lack
     * @param list<Message> $everyRide none where no child may ride in it
     * @param list<array{Message, Message}> $dates what happens when, in the order in which it comes
     * @param list<array{title: Message, when: Message, why: list<Message>}> $next what changes as the child grows
     * @param list<array{day: string, what: Message}> $days the dates as days of a calendar
     * @param array{where: string, enter: string}|null $register where it is registered and what to enter; null: it is, or nobody knows
     * @param Message $by who signed
     * @param Message|null $withdrawn what became of the seat that is not used any more; null: nobody said, or it is used
     */
    private function __construct(
        public string $letter,
        public Verdict $verdict,
        public Listing $facts,
        public array $right,
        public array $open,
        public int $unanswered,
        public array $corrected,
        public array $advice,
        public ?array $card,
        public ?Message $notice,
        public array $everyRide,
        public array $dates,
        public array $next,
        public array $days,
        public ?array $register,
        public Message $by,
        public ?Message $withdrawn,
    ) {}

    /** As it was signed where the family has left; else as the facts stand now. */
    /** @param array<string, string> $names of people, by sign-in name */
    public static function of(JudgedCheck $judged, array $names): self
    {
        $check = $judged->check;
        $signed = $check->signed_at === null ? null : $check->sheet;

        return is_array($signed) ? self::kept($signed) : self::now($judged, $names);
    }

    /** @param array<string, string> $names of people, by sign-in name */
    public static function now(JudgedCheck $judged, array $names): self
    {
        $left = $judged->assessment;
        $case = $judged->folded->case;
        $facts = $judged->folded->facts;
        $mayRide = $left->verdict !== Verdict::DoNotUse;
        $lines = static fn(callable $which): array => array_values(array_map(
            static fn(Finding $f): SheetLine => SheetLine::of($f, self::whyDeclined($facts, $f)),
            array_filter($left->findings, $which),
        ));

        return new self(
            $judged->check->letter,
            $left->verdict,
            self::facts($case, $left),
            self::right($judged),
            $lines(static fn(Finding $f): bool => $f->severity !== Severity::Advise),
            count($left->questions),
            array_map(static fn(Finding $f): SheetLine => SheetLine::of($f), $judged->corrected),
            $lines(static fn(Finding $f): bool => $f->severity === Severity::Advise),
            $mayRide && $left->computed()->card !== null
                ? array_map(static fn(CardStep $step): Message => $step->step(), $left->computed()->card)
                : null,
            $mayRide ? InstallationCard::notice($left->situation) : null,
            $mayRide ? EveryRide::of($left->situation) : [],
            SheetDates::of($left),
            $mayRide ? self::next($left->situation) : [],
            SheetDates::days($left),
            self::register($judged, $case),
            self::by($case->handover ?? new Handover(), $names),
            self::becameOf($facts),
        );
    }

    /** @return array<string, mixed> as it is kept once it is signed: to be told in any language */
    public function toJson(): array
    {
        $line = static fn(SheetLine $one): array => $one->toJson();
        $told = static fn(Message $one): mixed => Keeping::toJson($one);

        return [
            'letter' => $this->letter,
            'verdict' => $this->verdict->value,
            'facts' => Keeping::toJson($this->facts),
            'right' => array_map($told, $this->right),
            'open' => array_map($line, $this->open),
            'unanswered' => $this->unanswered,
            'corrected' => array_map($line, $this->corrected),
            'advice' => array_map($line, $this->advice),
            'card' => $this->card === null ? null : array_map($told, $this->card),
            'notice' => Keeping::toJson($this->notice),
            'every_ride' => array_map($told, $this->everyRide),
            'dates' => array_map(static fn(array $date): array => array_map($told, $date), $this->dates),
            'next' => array_map(static fn(array $step): array => [
                'title' => $told($step['title']),
                'when' => $told($step['when']),
                'why' => array_map($told, $step['why']),
            ], $this->next),
            'days' => array_map(static fn(array $one): array => ['day' => $one['day'], 'what' => $told($one['what'])], $this->days),
            'register' => $this->register,
            'by' => Keeping::toJson($this->by),
            'withdrawn' => Keeping::toJson($this->withdrawn),
        ];
    }

    /** @param array<array-key, mixed> $kept */
    private static function kept(array $kept): self
    {
        $list = static fn(string $key): array => is_array($kept[$key] ?? null) ? array_values($kept[$key]) : [];
        $lines = static fn(string $key): array => array_map(SheetLine::kept(...), array_values(array_filter($list($key), is_array(...))));
        $text = static fn(string $key): string => is_string($kept[$key] ?? null) ? $kept[$key] : '';
        $facts = Keeping::fromJson($kept['facts'] ?? null);

        return new self(
            $text('letter'),
            Verdict::tryFrom($text('verdict')) ?? Verdict::NotFinished,
            $facts instanceof Listing ? $facts : Listing::names([]),
            Kept::messages($kept['right'] ?? null),
            $lines('open'),
            is_int($kept['unanswered'] ?? null) ? $kept['unanswered'] : 0,
            $lines('corrected'),
            $lines('advice'),
            is_array($kept['card'] ?? null) ? Kept::messages($kept['card']) : null,
            isset($kept['notice']) ? Kept::message($kept['notice']) : null,
            Kept::messages($kept['every_ride'] ?? null),
            array_map(
                static fn(array $date): array => [Kept::message($date[0] ?? null), Kept::message($date[1] ?? null)],
                array_values(array_filter($list('dates'), is_array(...))),
            ),
            array_map(
                static fn(array $step): array => [
                    'title' => Kept::message($step['title'] ?? null),
                    'when' => Kept::message($step['when'] ?? null),
                    'why' => Kept::messages($step['why'] ?? null),
                ],
                array_values(array_filter($list('next'), is_array(...))),
            ),
            array_map(
                static fn(array $one): array => [
                    'day' => is_string($one['day'] ?? null) ? $one['day'] : '',
                    'what' => Kept::message($one['what'] ?? null),
                ],
                array_values(array_filter($list('days'), is_array(...))),
            ),
            self::keptRegister($kept['register'] ?? null),
            Kept::message($kept['by'] ?? null),
            isset($kept['withdrawn']) ? Kept::message($kept['withdrawn']) : null,
        );
    }

    /** Why the family did not want a finding put right; null where they were not asked or agreed. */
    private static function whyDeclined(FactLog $facts, Finding $finding): ?string
    {
        $latest = $facts->latest(AnnotationKind::Declined->key(FindingCard::subject($finding)));

        return $latest?->value() === true ? $latest->note ?? '' : null;
    }

    /** @return list<Message> */
    private static function right(JudgedCheck $judged): array
    {
        $found = $judged->check->caseOf(InspectionPhase::Found);

        return DoneRight::of(
            Assessor::assess($found->case, Rulebook::current(), $judged->check->visit->event->ownPractice()),
            $found->raw,
        );
    }

    /** @return list<array{title: Message, when: Message, why: list<Message>}> as the sheet and the card tell it */
    public static function next(AssessmentContext $leaving): array
    {
        return array_map(static fn(NextStep $step): array => [
            'title' => $step->title(),
            'when' => $step->when(),
            'why' => [
                $step->reason(),
                ...array_map(static fn(Condition $condition): Message => $condition->told(), $step->conditions),
                ...($step->hasGap() ? [new Message('teaching.gap')] : []),
            ],
        ], WhatNext::of($leaving));
    }

    /** @return array{where: string, enter: string}|null */
    private static function keptRegister(mixed $kept): ?array
    {
        $said = is_array($kept) ? array_filter($kept, is_string(...)) : [];

        return isset($said['where'], $said['enter']) ? ['where' => $said['where'], 'enter' => $said['enter']] : null;
    }

    /** @return array{where: string, enter: string}|null */
    private static function register(JudgedCheck $judged, CaseFile $case): ?array
    {
        $seat = $case->seat;
        if ($seat === null || $seat->maker === null || $seat->registered === true || $judged->isSeatWithdrawn()) {
            return null;
        }
        $about = SeatModel::known($judged->check->seat_model_id)->about ?? [];

        return [
            'where' => $about['register_at'] ?? $about['contact'] ?? $seat->maker,
            'enter' => implode(', ', array_filter([
                trim("{$seat->maker} {$seat->model}"),
                $seat->serial,
                $seat->madeOn?->__toString(),
            ])),
        ];
    }

    private static function becameOf(FactLog $facts): ?Message
    {
        $became = $facts->latest(AnnotationKind::Withdrawn->key(Withdrawn::SUBJECT))?->value();

        return Withdrawn::tryFrom(is_string($became) ? $became : '')?->title();
    }

    private static function facts(CaseFile $case, Assessment $assessment): Listing
    {
        $seat = trim(($case->seat->maker ?? '') . ' ' . ($case->seat->model ?? ''));
        $mode = $case->setup?->mode;
        $position = $case->setup?->position;

        return Listing::of(ListingKind::Line, array_values(array_filter([
            $assessment->computed()->ageMonths,
            $case->child->weight,
            $case->child->height,
            $seat === '' ? null : $seat,
            $mode === null ? null : new Message("modes.{$mode->value}.title"),
            $position === null ? null : Answers::placeTitle($position),
        ], static fn(mixed $one): bool => $one !== null)));
    }

    /**
     * Only who has signed is named.
     *
     * @param array<string, string> $names
     */
    private static function by(Handover $handover, array $names): Message
    {
        $name = static fn(?string $login): ?string => $login === null ? null : $names[$login] ?? ucfirst($login);
        $technician = $name($handover->technician?->id);
        $checker = $name($handover->checker?->id);

        return match (true) {
            is_string($technician) && is_string($checker) => new Message(
                'sheet.by.both',
                ['technician' => $technician, 'checker' => $checker],
            ),
            is_string($technician) => new Message('sheet.by.one', ['technician' => $technician]),
            default => new Message('sheet.by.nobody'),
        };
    }
}
