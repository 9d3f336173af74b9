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
use MintBuckle\Core\Rules\Rule;

/** Is the buckle stalk turned further than it may be? */
final readonly class BuckleTurnsRule implements Rule
{
    /** Full turns; common practice. */
    public const MOST = 3;

    public function finds(): array
    {
        return [
            new Finds(
                Code::of('secure.buckle_turns'),
                [Severity::Fix],
                mendedBy: ['setup.buckle_turns'],
                figures: ['turns' => self::MOST],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $turns = $s->setup()->buckleTurns;
        if ($turns === null || ! $turns->isPositive() || ! $s->beltHolds()) {
            return;
        }
        $leave = $s->case->vehicle?->buckleTurnsOk;
        if ($turns->isGreaterThan(self::MOST)) {
            yield self::turned(null, (string) $turns, 'default');
        } elseif ($leave === false) {
            yield self::turned('forbidden', (string) $turns, 'vehicle');
        } elseif ($leave === null) {
            yield new Question('vehicle.buckle_turns_ok', Station::Secure);
        }
    }

    private static function turned(?string $variant, string $turns, string $from): Finding
    {
        return new Finding(
            Code::of('secure.buckle_turns'),
            Severity::Fix,
            variant: $variant,
            with: ['turns' => $turns, 'most' => self::MOST],
            from: $from,
            sources: [Source::Common->cite()],
        );
    }
}
