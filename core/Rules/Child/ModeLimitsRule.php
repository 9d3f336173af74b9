<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Child;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\Breach;
use MintBuckle\Core\Fit\BreachKind;
use MintBuckle\Core\Fit\HeldOtherwise;
use MintBuckle\Core\Fit\ModeFits;
use MintBuckle\Core\Fit\ModeJudge;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Does the mode in use fit the child by its maker's limits, the head and the shoulder markers? */
final readonly class ModeLimitsRule implements Rule
{
    private const CODES = [
        [BreachKind::MakersLimit, 'mode.outside_limits'],
        [BreachKind::HeadRear, 'fit.head_rear'],
        [BreachKind::HeadForward, 'fit.head_forward'],
        [BreachKind::ShoulderMarker, 'fit.shoulder_marker'],
    ];

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('mode.outside_limits'),
                [Severity::Fix, Severity::Stop],
                mendedBy: ['setup.mode', 'child.weight', 'child.height'],
                ownFigures: ['seat.modes.*.weight_min', 'seat.modes.*.weight_max', 'seat.modes.*.height_min', 'seat.modes.*.height_max'],
            ),
            new Finds(
                Code::of('fit.head_rear'),
                [Severity::Fix, Severity::Stop],
                mendedBy: ['setup.head_to_shell_top'],
                ownFigures: ['seat.modes.*.head_clearance_min'],
                figures: ['clearance' => ModeJudge::leastShellAboveHead()],
            ),
            new Finds(Code::of('fit.head_forward'), [Severity::Fix, Severity::Stop], mendedBy: ['setup.ears_above']),
            new Finds(Code::of('fit.shoulder_marker'), [Severity::Fix, Severity::Stop], mendedBy: ['setup.marker']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $fit = $s->seat === null ? null : ModeFits::of($s)->for($s->mode);
        if ($fit === null) {
            return;
        }
        $broken = array_filter(
            array_map(static fn(array $kind): array => [$kind[1], $fit->of($kind[0])], self::CODES),
            static fn(array $one): bool => $one[1] !== [],
        );
        if ($broken === [] && $fit->missing === []) {
            return;
        }
        $other = ModeFits::of($s)->anotherThan($s->mode);
        $heldOtherwise = HeldOtherwise::fitting($s);
        $severity = $other === null && $heldOtherwise === null ? Severity::Stop : Severity::Fix;
        foreach ($broken as [$code, $breaches]) {
            yield new Finding(
                Code::of($code),
                $severity,
                mend: self::mend($s, $heldOtherwise, $other),
                with: ['breaches' => Breach::told($breaches), 'mode' => $other?->told()],
                observed: $breaches[0]->observed,
                limit: $breaches[0]->limit?->value,
                from: $breaches[0]->limit->from ?? 'seat',
                sources: $breaches[0]->limit->sources ?? [Source::SeatManual->cite()],
            );
        }
        foreach ($fit->missing as $path) {
            yield new Question($path, Station::Child, $severity);
        }
    }

    private static function mend(AssessmentContext $s, ?HeldBy $heldOtherwise, ?ModeName $other): string
    {
        return match (true) {
            $heldOtherwise === HeldBy::Belt => 'belt',
            $heldOtherwise === HeldBy::LowerAnchors => 'anchors',
            $other !== null => 'use',
            ModeFits::of($s)->fitsWithoutSeat() === Truth::Yes => 'no_seat',
            default => 'find',
        };
    }
}
