<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\FigureInUse;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Rules\When;
use MintBuckle\Core\Telling\Beside;

/** Does the locking clip sit near enough, with all four prongs? */
final readonly class LockingClipRule implements Rule
{
    private const PRONGS = 4;

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('secure.clip_far'),
                [Severity::Fix],
                mendedBy: ['setup.clip_distance'],
                ownFigures: ['seat.clip_distance_max'],
            ),
            new Finds(Code::of('secure.clip_prongs'), [Severity::Fix], mendedBy: ['setup.clip_prongs']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $setup = $s->setup();
        if (! When::ClipLocks->holds($s)) {
            return;
        }
        $figure = FigureInUse::atMost($s, $s->seat?->clipDistanceMax, $s->practice->clipDistance);
        $distance = $setup->clipDistance;
        $bound = $distance === null ? null : $figure->brokenBy($distance);
        foreach ([...$figure->missingFor($distance), ...($distance === null ? ['setup.clip_distance'] : [])] as $path) {
            yield new Question($path, Station::Secure);
        }
        if ($distance !== null && $bound !== null) {
            yield new Finding(
                Code::of('secure.clip_far'),
                Severity::Fix,
                with: ['distance' => new Beside($distance, $bound->value), 'limit' => $bound->value, 'inclusive' => $bound->inclusive],
                observed: $distance,
                limit: $bound->value,
                from: $bound->from,
                sources: $bound->sources,
            );
        }
        if ($setup->clipProngs === null) {
            yield new Question('setup.clip_prongs', Station::Secure);
        } elseif ($setup->clipProngs !== self::PRONGS) {
            yield new Finding(
                Code::of('secure.clip_prongs'),
                Severity::Fix,
                with: ['prongs' => $setup->clipProngs],
                observed: (string) $setup->clipProngs,
                limit: (string) self::PRONGS,
                sources: [Source::Common->cite()],
            );
        }
    }
}
