<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\Certified;
use App\Checks\Judge;
use App\Checks\JudgedCheck;
use App\Checks\NoteFact;
use App\Checks\UnreadableAnswer;
use App\Findings\KeepOutcome;
use App\FollowUps\KeepFollowUps;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Models\Visit;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\Withdrawn;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;

/**
 * A family leaves: each check is signed, and its assessment and sheet kept whole with the rulebook's version. Once. With something open
 * only for a reason, which stands on the sheet and in the log, and before a second pair of eyes where the day asks for one.
 */
final readonly class CompleteVisit
{
    public function __construct(private ClockInterface $clock, private Judge $judge, private KeepOutcome $keepOutcome) {}

    /**
     * @param string|null $seen what was open when the signer looked, as the departure page tells it; null where nobody looks (the demo)
     * @param array<string, Withdrawn> $withdrawn what became of seats that are not used any more, by the check's letter
     * @throws UnreadableAnswer when something is open that was not seen, or reason or second person are missing
     */
    public function __invoke(
        Visit $visit,
        User $signer,
        ?string $seen = null,
        ?string $reason = null,
        ?User $second = null,
        array $withdrawn = [],
    ): void {
        DB::transaction(function () use ($visit, $signer, $seen, $reason, $second, $withdrawn): void {
            $locked = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            if ($locked->left_at !== null) {
                return;
            }
            // What it adds to the figures belongs to the event's day and practice, which wait meanwhile.
            CheckupEvent::query()->sharedLock()->findOrFail($locked->checkup_event_id);
            $this->note($locked, $withdrawn, $signer);
            $locked->load(['event', 'checks.facts', 'checks.visit.event.recallList']);
            $judged = $this->judge->leaving($locked);
            $page = new DeparturePage($locked, $judged, User::secondsFor($locked->event, $signer));
            self::mustBeAgreed($page, $seen, $reason, $second);
            Certified::must($signer);
            $second === null || Certified::must($second);
            $now = $this->clock->now();
            foreach ($judged as $one) {
                self::sign($one, $signer, $now, $reason);
            }
            $locked->update([
                'left_at' => $now,
                'left_because' => $page->isOpen ? $reason : null,
                'left_seen_by' => $page->isOpen ? $second?->id : null,
            ]);
            ($this->keepOutcome)($judged, $locked);
        });
    }

    /** @param array<string, Withdrawn> $withdrawn */
    private function note(Visit $visit, array $withdrawn, User $signer): void
    {
        foreach ($withdrawn as $letter => $became) {
            $check = Check::query()->where('visit_id', $visit->id)->firstWhere('letter', $letter);
            $check === null || NoteFact::append(
                $check,
                UuidV7::generate(),
                InspectionPhase::Left,
                AnnotationKind::Withdrawn->key(Withdrawn::SUBJECT),
                $became->value,
                $signer,
                $this->clock->now(),
            );
        }
    }

    private static function mustBeAgreed(DeparturePage $page, ?string $seen, ?string $reason, ?User $second): void
    {
        if ($seen !== null && $seen !== $page->seen) {
            throw UnreadableAnswer::because('look_once_more');
        }
        if ($page->isOpen && $reason === null) {
            throw UnreadableAnswer::because('say_why');
        }
        if ($page->isOpen && $page->seconds->isNotEmpty() && $second === null) {
            throw UnreadableAnswer::because('second_person');
        }
    }

    private static function sign(JudgedCheck $judged, User $signer, DateTimeImmutable $now, ?string $reason): void
    {
        [$check, $left, $names] = [$judged->check, $judged->assessment, User::names()];
        if ($left->verdict !== Verdict::GoodToRide) {
            NoteFact::append(
                $check,
                UuidV7::generate(),
                InspectionPhase::Left,
                AnnotationKind::SentOff->key('open'),
                true,
                $signer,
                $now,
                $reason,
            );
        }
        $check->update([
            'signed_by' => $signer->id,
            'signed_at' => $now,
            'rulebook' => $left->rulebook,
            'assessment' => KeptAssessment::toJson($left),
            'sheet' => SheetChild::now($judged, $names)->toJson(),
        ]);
        KeepFollowUps::of($judged);
    }
}
