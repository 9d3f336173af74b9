<?php

declare(strict_types=1);

namespace App\Visits;

use App\Organisations\CurrentOrganisation;
use MintBuckle\Core\Recall\Folded;

/**
 * By what a family that asked for follow-up is found again: its contact and name in short, with the application's key and the
 * organisation's number. Whoever has the database alone can neither read nor guess them, nor compare two organisations.
 */
final readonly class FamilyKey
{
    public static function of(int $organisation, string $text): string
    {
        return hash_hmac('sha256', "{$organisation}\n" . Folded::text($text), config()->string('app.key'));
    }

    /** As it is searched here. */
    public static function here(string $text): string
    {
        return self::of((int) resolve(CurrentOrganisation::class)->id(), $text);
    }

    /** @return array{contact_key: string|null, name_key: string|null} nothing where nobody asked for follow-up */
    public static function columns(int $organisation, string $name, ?string $contact): array
    {
        return [
            'contact_key' => $contact === null ? null : self::of($organisation, $contact),
            'name_key' => $contact === null ? null : self::of($organisation, $name),
        ];
    }
}
