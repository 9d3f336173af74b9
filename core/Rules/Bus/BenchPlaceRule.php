<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BenchPlace;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Does a restraint stand at the window, out of the rows of the emergency exits? */
final readonly class BenchPlaceRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('bus.exit_row'), [Severity::Fix], mendedBy: ['bus.bench.exit']),
            new Finds(Code::of('bus.blocks_aisle'), [Severity::Fix], mendedBy: ['bus.place', 'bus.window_restrained']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus === null) {
            return;
        }
        yield from $s->bus->bench->exit === null ? [new Question('bus.bench.exit', Station::Bus)] : [];
        yield from $s->bus->place === null ? [new Question('bus.place', Station::Bus)] : [];
        if (! $s->isRestrainedOnBus()) {
            return;
        }
        if ($s->bus->bench->exit === true) {
            yield new Finding(Code::of('bus.exit_row'), Severity::Fix, sources: [Source::Common->cite()]);
        }
        $isInside = $s->bus->place === BenchPlace::Middle && $s->bus->windowRestrained === true;
        if ($s->bus->place !== null && $s->bus->place !== BenchPlace::Window && ! $isInside) {
            yield new Finding(
                Code::of('bus.blocks_aisle'),
                Severity::Fix,
                variant: $s->bus->place->value,
                observed: $s->bus->place->value,
                limit: BenchPlace::Window->value,
                sources: [Source::Common->cite()],
            );
        }
    }
}
