<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Place;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Is the carrying handle where its maker allows it for travel? */
final readonly class HandleRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('place.handle'), [Severity::Fix], mendedBy: ['setup.handle']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $allowed = $s->modeRules->handlePositions ?? [];
        if ($allowed === []) {
            return;
        }
        $handle = $s->setup()->handle;
        if ($handle === null) {
            yield new Question('setup.handle', Station::Place);
        } elseif (! in_array($handle, $allowed, true)) {
            yield new Finding(
                Code::of('place.handle'),
                Severity::Fix,
                with: [
                    'handle' => self::told($handle),
                    'allowed' => Listing::names(array_map(self::told(...), $allowed)),
                ],
                observed: $handle,
                limit: implode(', ', $allowed),
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }

    /** Three positions have names of their own; others are as the manual calls them. */
    private static function told(string $handle): Message|string
    {
        return in_array($handle, ['up', 'down', 'back'], true) ? new Message("handles.{$handle}") : $handle;
    }
}
