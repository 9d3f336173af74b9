<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Consent;
use App\Models\User;
use App\Models\Visit;
use App\Units;
use App\Words\Telling;
use MintBuckle\Core\Telling\Message;
use Psr\Clock\ClockInterface;

/** A parent agrees to the check, by name or with a signature; the wording is kept as they read it. The last one given counts. */
final readonly class TakeConsent
{
    public function __construct(private ClockInterface $clock) {}

    public static function wording(Visit $visit): Message
    {
        return new Message('consent.wording', ['event' => $visit->event->name]);
    }

    public function __invoke(Visit $visit, ?string $name, ?string $signature, User $author): Consent
    {
        return Consent::query()->updateOrCreate(['visit_id' => $visit->id], [
            'language' => $visit->language,
            'wording' => Telling::in($visit->language, Units::Imperial)->tell(self::wording($visit)),
            'name' => $name,
            'signature' => $signature,
            'taken_by' => $author->id,
            'given_at' => $this->clock->now(),
        ]);
    }
}
