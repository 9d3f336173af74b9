<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Fact;
use App\Units;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;

/** One line of a check's log: what was entered, by whom and when; or what was changed from found to left. */
final readonly class LogLine
{
    /** Facts that come with seat and car as a whole. */
    private const WHOLE = [
        'seat' => 'Seat, from the catalogue or its label',
        'vehicle' => 'Car',
        'setup' => 'Set-up',
        'handover' => 'Handover',
    ];

    private function __construct(
        public string $what,
        public string $value,
        public ?string $before,
        public ?Fact $fact,
        public bool $takenBack,
        public bool $takesBack,
    ) {}

    /** What a key of the log is about, in a few words. */
    public static function what(string $key): string
    {
        return match (AnnotationKind::ofKey($key)) {
            AnnotationKind::Declined => 'Declined: ' . substr($key, strlen('declined.')),
            AnnotationKind::Ticked => 'A step of the card',
            AnnotationKind::SentOff => 'Left with something open',
            AnnotationKind::Confirmed => 'Spelling confirmed at the label',
            null => Questionnaire::standard()->for($key)->short ?? self::WHOLE[$key] ?? $key,
        };
    }

    /** @param list<string> $undone ids of facts that were taken back */
    public static function of(Fact $fact, array $undone, CaseFile $case, Units $units): self
    {
        $logged = $fact->logged();

        return new self(
            self::what($fact->key),
            self::words($logged, $case, $units),
            null,
            $fact,
            in_array($fact->id, $undone, true),
            $fact->undoes !== null,
        );
    }

    /** @return list<self> facts that were put right, in the order in which that was done */
    public static function changes(FactLog $log, CaseFile $case, Units $units): array
    {
        $lines = [];
        foreach ($log->entries as $entry) {
            $before = $log->foundBefore($entry->key);
            $askable = Questionnaire::standard()->for($entry->key);
            if ($entry->phase === InspectionPhase::Left && $before !== null && $askable !== null) {
                $row = AskedRow::of($askable, $entry->key, $case, $entry->value(), false);
                $lines[$entry->key] = new self(
                    $askable->short,
                    FactText::of($row, $entry->value(), $units),
                    FactText::of($row, $before, $units),
                    null,
                    false,
                    false,
                );
            }
        }

        return array_values($lines);
    }

    private static function words(LoggedFact $logged, CaseFile $case, Units $units): string
    {
        $askable = Questionnaire::standard()->for($logged->key);

        return match (true) {
            $logged->undoes !== null => 'taken back',
            $askable === null => $logged->json === 'null' ? 'no longer' : ($logged->isOfTheCase() ? 'entered' : 'yes'),
            $logged->json === 'null' => 'not known',
            default => FactText::of(AskedRow::of($askable, $logged->key, $case, $logged->value(), false), $logged->value(), $units),
        };
    }
}
