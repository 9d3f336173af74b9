<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\FindingCard;
use App\Checks\JudgedCheck;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\Withdrawn;
use MintBuckle\Core\Telling\Keeping;
use MintBuckle\Core\Telling\Message;

/** The second look before a family leaves: what is still open of each child's seat, why they leave all the same, and who agrees. */
final readonly class DeparturePage
{
    public const REASONS = ['other_seat', 'declined', 'comes_back', 'referred'];

    /** @var list<array{letter: string, verdict: Verdict, findings: list<Finding>, questions: list<Message>, withdrawn: bool}> */
    public array $children;

    /** Whether anything is open. */
    public bool $isOpen;

    /** @var string what was open when this page was made, in short: something that came since must be looked at too */
    public string $seen;

    /**
     * @param array<string, JudgedCheck> $judged by check
     * @param Collection<int, User> $seconds who may look a second time; empty where the event asks for nobody
     */
    public function __construct(public Visit $visit, array $judged, public Collection $seconds)
    {
        $this->children = array_values(array_map(self::child(...), $judged));
        $this->isOpen = array_filter($this->children, static fn(array $c): bool => $c['verdict'] !== Verdict::GoodToRide) !== [];
        $this->seen = sha1(json_encode(
            array_map(
                static fn(array $c): array => [
                    $c['verdict'],
                    array_map(FindingCard::subject(...), $c['findings']),
                    array_map(Keeping::toJson(...), $c['questions']),
                ],
                $this->children,
            ),
            JSON_THROW_ON_ERROR,
        ));
    }

    /** @return array<string, Message> what can become of a seat that is not used any more */
    public static function withdrawals(): array
    {
        return array_combine(
            array_column(Withdrawn::cases(), 'value'),
            array_map(static fn(Withdrawn $became): Message => $became->title(), Withdrawn::cases()),
        );
    }

    /** Why the family left, as it was kept: a reason that was chosen, what was written, or the one and the other. */
    public static function told(string $because): Message|string
    {
        [$chosen, $words] = [...explode(': ', $because, 2), ''];

        return in_array($chosen, self::REASONS, true)
            ? new Message('visits.leave.because', [
                'reason' => new Message("visits.leave.reasons.{$chosen}"),
                'more' => $words !== '',
                'words' => $words,
            ])
            : $because;
    }

    /** @return array{letter: string, verdict: Verdict, findings: list<Finding>, questions: list<Message>, withdrawn: bool} */
    private static function child(JudgedCheck $judged): array
    {
        $left = $judged->assessment;

        return [
            'letter' => $judged->check->letter,
            'verdict' => $left->verdict,
            'findings' => array_values(array_filter($left->findings, static fn(Finding $f): bool => $f->severity !== Severity::Advise)),
            'questions' => array_map(
                static fn(Question $q): Message => Questionnaire::standard()->for($q->path)?->question() ?? new Message('answers.open'),
                $left->questions,
            ),
            'withdrawn' => $judged->isSeatWithdrawn(),
        ];
    }
}
