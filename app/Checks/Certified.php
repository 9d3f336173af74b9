<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\User;
use Carbon\CarbonImmutable;
use MintBuckle\Core\Calendar\CalendarDate;

/** Nobody signs after the last day of their certification; where nobody said until when, the check's own question asks. */
final readonly class Certified
{
    /** @throws UnreadableAnswer when it has ended */
    public static function must(User $signer): void
    {
        if (! $signer->certificateOn(CarbonImmutable::now())->maySign()) {
            throw UnreadableAnswer::because('certificate_ended', [
                'name' => $signer->name,
                'until' => CalendarDate::parse((string) $signer->certified_until?->toDateString()),
            ]);
        }
    }
}
