<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Fact;
use App\Visits\DeparturePage;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Loose\Attempt;
use MintBuckle\Core\Loose\Sight;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Record\Withdrawn;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** One line of a check's log: what was entered, by whom and when; or what was changed from found to left. */
final readonly class LogLine
{
    /** Facts that come with seat and car as a whole. */
    private const WHOLE = ['seat', 'vehicle', 'setup', 'handover'];

    private function __construct(
        public Message $what,
        public Quantity|Message|Listing|string $value,
        public Quantity|Message|Listing|string|null $before,
        public ?Fact $fact,
        public bool $takenBack,
        public bool $takesBack,
    ) {}

    /** What a key of the log is about, in a few words. */
    public static function what(string $key): Message
    {
        return match (AnnotationKind::ofKey($key)) {
            AnnotationKind::Declined => new Message('log.declined', ['what' => new Message(
                'findings.' . explode('/', substr($key, strlen('declined.')))[0] . '.title',
            )]),
            AnnotationKind::Ticked => new Message('log.ticked'),
            AnnotationKind::SentOff => new Message('log.sent_off'),
            AnnotationKind::Confirmed => new Message('log.confirmed'),
            AnnotationKind::Withdrawn => new Message('log.withdrawn'),
            AnnotationKind::Seen => new Message('log.seen', ['what' => Sight::tryFrom(substr($key, strlen('seen.')))?->title()]),
            AnnotationKind::Tried => new Message('log.tried', [
                'what' => Attempt::named(explode('.', $key, 3)[2] ?? '')?->step(),
            ]),
            null => in_array($key, self::WHOLE, true)
                ? new Message("log.whole.{$key}")
                : Questionnaire::standard()->for($key)?->short() ?? new Message($key),
        };
    }

    /** One entry by itself, without who and when. */
    public static function entry(LoggedFact $logged, CaseFile $case): self
    {
        $value = $logged->isOfTheCase() ? self::told($logged, $case) : '';

        return new self(self::what($logged->key), $value, null, null, false, false);
    }

    /** @param list<string> $undone ids of facts that were taken back */
    public static function of(Fact $fact, array $undone, CaseFile $case): self
    {
        $logged = $fact->logged();

        return new self(
            self::what($fact->key),
            self::told($logged, $case),
            null,
            $fact,
            in_array($fact->id, $undone, true),
            $fact->undoes !== null,
        );
    }

    /** Whether it was typed in later than it was seen, from paper. */
    public function seenEarlier(): bool
    {
        return $this->fact !== null && $this->fact->observed_at->diffInSeconds($this->fact->recorded_at) >= 60;
    }

    /** What was noted beside it: why a family left, in the reader's language; anything else as it was written. */
    public function note(): Message|string|null
    {
        $note = $this->fact?->note;

        return $this->fact !== null && $note !== null && AnnotationKind::ofKey($this->fact->key) === AnnotationKind::SentOff
            ? DeparturePage::told($note)
            : $note;
    }

    /** @return list<self> facts that were put right, in the order in which that was done */
    public static function changes(FactLog $log, CaseFile $case): array
    {
        $lines = [];
        foreach ($log->entries as $entry) {
            $before = $log->foundBefore($entry->key);
            $askable = Questionnaire::standard()->for($entry->key);
            if ($entry->phase === InspectionPhase::Left && $before !== null && $askable !== null) {
                $row = AskedRow::of($askable, $entry->key, $case, $entry->value(), false);
                $lines[$entry->key] = new self(
                    $askable->short(),
                    FactText::of($row, $entry->value()),
                    FactText::of($row, $before),
                    null,
                    false,
                    false,
                );
            }
        }

        return array_values($lines);
    }

    private static function becameOf(LoggedFact $logged): Message
    {
        $became = $logged->value();

        return Withdrawn::tryFrom(is_string($became) ? $became : '')?->title() ?? new Message('log.no_longer');
    }

    private static function told(
        LoggedFact $logged,
        CaseFile $case,
    ): Quantity|Message|Listing|string {
        $askable = Questionnaire::standard()->for($logged->key);

        return match (true) {
            $logged->undoes !== null => new Message('log.taken_back'),
            AnnotationKind::ofKey($logged->key) === AnnotationKind::Withdrawn => self::becameOf($logged),
            $askable === null => new Message(
                $logged->json === 'null' ? 'log.no_longer' : ($logged->isOfTheCase() ? 'log.entered' : 'log.yes'),
            ),
            $logged->json === 'null' => new Message('log.not_known'),
            default => FactText::of(AskedRow::of($askable, $logged->key, $case, $logged->value(), false), $logged->value()),
        };
    }
}
