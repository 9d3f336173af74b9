<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Drill\GoodScene;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Drill\Throws;
use MintBuckle\Core\Facts\Slot;
use MintBuckle\Core\Fit\AnchorLimit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Wedge\WedgeSize;
use stdClass;

/** The trade's sums: the first day of no more use, child and seat on the lower anchors, the stack in the crease, the slot. */
final readonly class ArithmeticQuiz
{
    public function __construct(private GoodScene $scenes, private Throws $throws) {}

    public function make(): ?QuizQuestion
    {
        return match ($this->throws->one(['expiry', 'anchors', 'wedge', 'slot'])) {
            'expiry' => $this->expiry(),
            'anchors' => $this->anchors(),
            'wedge' => $this->wedge(),
            'slot' => $this->slot(),
        };
    }

    private function expiry(): ?QuizQuestion
    {
        $scene = $this->scenes->make();
        $seat = $scene?->assessment->situation->seat;
        $first = $scene?->assessment->computed()->expiresOn;
        if ($seat === null || $first === null) {
            return null;
        }
        return new QuizQuestion(
            new Message('quiz.arithmetic.expiry.asked', ['made' => $seat->madeOn, 'years' => $seat->lifeYears]),
            [],
            array_map(
                static fn(CalendarDate $day): Message => new Message('quiz.arithmetic.expiry.is', ['day' => $day]),
                [$first->plusYears(-1), $first, $first->dayAfter(), $first->plusYears(1)],
            ),
            1,
            new Message('quiz.arithmetic.expiry.because', ['day' => $first]),
        );
    }

    private function anchors(): ?QuizQuestion
    {
        $scene = $this->scenes->make()?->with(['seat.lower_anchor_child_max' => null, 'seat.weight' => [
            'value' => $this->throws->one([12, 17, 20, 23, 26]),
            'unit' => 'lb',
        ]]);
        $s = $scene?->assessment->situation;
        $most = $s === null ? null : AnchorLimit::of($s, $s->mode)->bound()?->value;
        if ($s === null || $s->seat?->weight === null || ! $most instanceof Mass) {
            return null;
        }
        $pounds = (int) round($most->in(MassUnit::Pound)->value->toFloat());

        return new QuizQuestion(
            new Message('quiz.arithmetic.anchors.asked', ['seat' => $s->seat->weight, 'facing' => $s->isRear() ? 'rear' : 'forward']),
            [],
            array_map(static fn(int $one): Mass => Mass::of($one, MassUnit::Pound), [$pounds - 5, $pounds, $pounds + 5, $pounds + 20]),
            1,
            new Message('quiz.arithmetic.anchors.because', ['most' => $most, 'seat' => $s->seat->weight]),
        );
    }

    private function wedge(): ?QuizQuestion
    {
        $scene = Scene::of($this->wedged()) ?? null;
        $size = $scene === null ? null : WedgeSize::of($scene->assessment->situation);
        $stacks = ['one_noodle', 'three_noodles', 'towel'];
        if ($scene === null || $size === null) {
            return null;
        }
        $s = $scene->assessment->situation;

        return new QuizQuestion(
            new Message('quiz.arithmetic.wedge.asked', ['angle' => $s->setup()->angle, 'base' => $s->seat?->baseLength]),
            [],
            array_map(static fn(string $stack): Message => new Message("quiz.arithmetic.wedge.{$stack}"), $stacks),
            (int) array_search($size->stack, $stacks, true),
            new Message('quiz.arithmetic.wedge.because', ['lift' => $size->lift, 'gain' => $size->gain]),
        );
    }

    private function wedged(): stdClass
    {
        $case = json_decode((string) json_encode($this->scenes->make()->case ?? null)) ?? new stdClass();
        assert($case instanceof stdClass);
        foreach (['seat.base_length' => $this->throws->one([280, 340, 400, 450]), 'setup.angle' => null] as $path => $mm) {
            CasePath::set($case, $path, (object) ($mm === null
                ? ['value' => $this->throws->one([19, 22, 25, 27]), 'unit' => 'deg']
                : ['value' => $mm, 'unit' => 'mm']));
        }

        return $case;
    }

    private function slot(): ?QuizQuestion
    {
        $scene = $this->scenes->make();
        $s = $scene?->assessment->situation;
        $slot = $scene?->assessment->computed()->harnessSlot;
        $slots = $s->seat->slots ?? [];
        if ($s === null || $slot === null || count($slots) < 3) {
            return null;
        }
        $heights = array_map(static fn(Slot $one): ?Length => $one->height, $slots);

        return new QuizQuestion(
            new Message('quiz.arithmetic.slot.asked', [
                'shoulder' => $s->child->shoulderHeight,
                'facing' => $s->isRear() ? 'rear' : 'forward',
                'heights' => Listing::names(array_values(array_filter($heights))),
            ]),
            [],
            array_map(static fn(int $n): Message => new Message('quiz.arithmetic.slot.is', ['n' => $n]), range(1, count($slots))),
            $slot - 1,
            new Message('quiz.arithmetic.slot.because', ['n' => $slot, 'facing' => $s->isRear() ? 'rear' : 'forward']),
        );
    }
}
