<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Bus\OnBench;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** A bus has no tether anchor: a seat whose maker requires the tether the way it faces does not ride there. */
final readonly class NoTetherAnchorRule implements Rule
{
    public function finds(): array
    {
        return [
            OnBench::finds('place.no_tether_anchor', Severity::Stop, ['bus.system']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat === null || $s->system?->isHarnessSeat() !== true) {
            return;
        }
        $tether = $s->seat->tetherRear;
        $required = match ($s->system) {
            BusSystem::RearHarness => $tether === null ? Truth::Unknown : Truth::of($tether === MakerPermission::Required),
            default => Truth::of($s->seat->tetherForwardRequired),
        };
        if ($required === Truth::Unknown) {
            yield new Question($s->tetherDemandPath(), Station::Bus, Severity::Stop);
        } elseif ($required === Truth::Yes) {
            yield OnBench::finding('place.no_tether_anchor', Severity::Stop, 'seat', Source::SeatManual);
        }
    }
}
