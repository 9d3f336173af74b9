<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Bus;
use MintBuckle\Core\Facts\FrontContact;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Does the seat stand free of what is ahead, its base wholly on the bench where its maker wants that? */
final readonly class OnBenchRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('bus.touches_front'), [Severity::Fix], mendedBy: ['bus.touches_front']),
            new Finds(Code::of('bus.overhang'), [Severity::Fix], mendedBy: ['bus.base_on_bench']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus === null || ! $s->isRestrainedOnBus()) {
            return;
        }
        $isAsked = $s->system?->isHarnessSeat() === true;
        if ($s->bus->touchesFront === null) {
            yield from $isAsked ? [new Question('bus.touches_front', Station::Bus)] : [];
        } elseif ($s->bus->touchesFront !== FrontContact::None) {
            yield new Finding(
                Code::of('bus.touches_front'),
                Severity::Fix,
                observed: $s->bus->touchesFront->value,
                limit: FrontContact::None->value,
                sources: [Source::Common->cite()],
            );
        }
        yield from $s->bus->wholeOnBenchRequired === true ? self::base($s->bus, $isAsked) : [];
    }

    /** @return iterable<Finding|Question> */
    private static function base(Bus $bus, bool $isAsked): iterable
    {
        if ($bus->baseOnBench === null) {
            yield from $isAsked ? [new Question('bus.base_on_bench', Station::Bus)] : [];
        } elseif ($bus->baseOnBench->isLessThan(1)) {
            yield new Finding(
                Code::of('bus.overhang'),
                Severity::Fix,
                observed: (string) $bus->baseOnBench,
                limit: '1',
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
