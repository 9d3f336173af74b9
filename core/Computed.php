<?php

declare(strict_types=1);

namespace MintBuckle\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\Expiry;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Card\Changeover;
use MintBuckle\Core\Card\InstallationCard;
use MintBuckle\Core\Card\LockSteps;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Growth\Outgrown;
use MintBuckle\Core\Growth\SlotForecast;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Recall\RecallAnswer;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Core\Wedge\WedgeSize;

/** What the given facts allow to be computed; what they do not allow is null, never a guess. */
final readonly class Computed
{
    /**
     * @param CalendarDate|null $expiresOn first day the seat may no longer be used
     * @param int|null $daysLeft expiresOn less today; 0 or less when expired
     * @param list<ModeFit> $modes most protective first
     * @param Mass|null $lowerAnchorChildMax in kilograms, for the mode in use, without a set-up for the best mode
     * @param list<LockWay>|null $beltLock all four ways, those that work first
     * @param array<string, Outgrown> $outgrown by mode, of those that fit
     * @param string|null $nextSlotChange the month, YYYY-MM
     * @param list<CardStep>|null $card
     * @param int|null $harnessSlot the right slot for the mode in use, 1 is the lowest
     */
    private function __construct(
        public ?Months $ageMonths,
        public ?CalendarDate $expiresOn,
        public ?int $daysLeft,
        public ?RecallAnswer $recall,
        public array $modes,
        public ?ModeName $bestMode,
        public ?Mass $lowerAnchorChildMax,
        public ?array $beltLock,
        public ?int $harnessSlot,
        public array $outgrown,
        public ?string $nextSlotChange,
        public ?Changeover $changeover,
        public ?WedgeSize $wedge,
        public ?array $card,
        private AssessmentContext $situation,
    ) {}

    /** @return list<CardStep> how to lock the belt by a way that works; none where it does not */
    public function stepsOf(LockWay $way): array
    {
        return $way->works === Truth::Yes ? LockSteps::ofWay($this->situation, $way) : [];
    }

    public static function of(AssessmentContext $s): self
    {
        $expires = $s->seat === null ? null : Expiry::firstDayOfNoMoreUse($s->seat->useUntil, $s->seat->madeOn, $s->seat->lifeYears);
        $best = ModeFits::of($s)->best();
        $anchors = AnchorLimit::of($s, $s->mode ?? ($s->case->setup === null ? $best : null));
        $mass = $anchors->missing === [] ? $anchors->bound()?->value : null;

        return new self(
            $s->age,
            $expires,
            $expires === null ? null : $s->case->today->daysUntil($expires),
            $s->seat === null ? null : RecallAnswer::of($s->case->recallList, $s->seat),
            ModeFits::of($s)->all,
            $best,
            $mass instanceof Mass ? $mass->in(MassUnit::Kilogram) : null,
            $s->place === null || $s->seat === null ? null : LockFinder::of($s)->inOrder(),
            $s->mode === null || ! $s->mode->hasHarness() ? null : SlotChoice::of($s, $s->mode)->slot,
            self::outgrown($s),
            $s->mode === null || ! $s->mode->hasHarness() ? null : SlotForecast::of($s, $s->mode),
            Changeover::of($s),
            WedgeSize::of($s),
            InstallationCard::of($s),
            $s,
        );
    }

    /** @return array<string, Outgrown> */
    private static function outgrown(AssessmentContext $s): array
    {
        $forecasts = [];
        foreach (ModeFits::of($s)->all as $fit) {
            $mode = $s->seat->modes[$fit->mode->value] ?? null;
            $forecast = $mode === null || $fit->fits !== Truth::Yes ? null : OutgrowForecast::of($s, $mode);
            if ($forecast !== null) {
                $forecasts[$fit->mode->value] = $forecast;
            }
        }

        return $forecasts;
    }
}
