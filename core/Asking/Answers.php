<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\AnswersFrom;
use MintBuckle\Core\Facts\Insert;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ReclineRow;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Telling\Message;

/** Answers that depend on the seat and the car: value => label. */
final readonly class Answers
{
    /** @return array<array-key, Message|string> */
    public static function from(AnswersFrom $from, CaseFile $case): array
    {
        return match ($from) {
            AnswersFrom::SeatingPositions => self::places($case),
            AnswersFrom::HandlePositions => self::handles($case),
            AnswersFrom::Zones => self::zones($case),
            AnswersFrom::ReclineSettings => self::recline($case),
            AnswersFrom::Parts => self::parts($case),
            AnswersFrom::Slots => self::slots($case),
            AnswersFrom::CrotchSlots => self::crotch($case),
            AnswersFrom::Inserts => self::inserts($case),
        };
    }

    /** @return array<array-key, Message|string> */
    public static function places(CaseFile $case): array
    {
        $names = array_map(static fn(SeatingPosition $p): string => $p->name, $case->vehicle->positions ?? []);

        return array_combine($names, array_map(self::placeTitle(...), $names));
    }

    public static function placeTitle(string $name, bool $within = false): Message
    {
        return new Message("places.{$name}", within: $within);
    }

    /** @return array<array-key, Message|string> */
    public static function handles(CaseFile $case): array
    {
        $handles = self::mode($case)->handlePositions ?? [];

        return self::same($handles) + ['elsewhere' => new Message('answers.elsewhere')];
    }

    /** @return array<array-key, Message|string> */
    public static function zones(CaseFile $case): array
    {
        return self::same(array_map(static fn(Zone $z): string => $z->name, self::mode($case)->zones ?? []));
    }

    /** @return array<array-key, Message|string> every setting the seat names in any mode, so that a wrong one can be told */
    public static function recline(CaseFile $case): array
    {
        $rows = array_merge(...array_map(static fn(Mode $m): array => $m->recline, array_values($case->seat->modes ?? [])));
        $settings = array_unique(array_merge(...array_map(static fn(ReclineRow $r): array => $r->settings, $rows)));
        sort($settings);

        return self::same(array_map(strval(...), $settings));
    }

    /** @return array<array-key, Message|string> */
    public static function parts(CaseFile $case): array
    {
        $modes = array_values($case->seat->modes ?? []);

        return self::same(array_values(array_unique(array_merge(...array_map(
            static fn(Mode $m): array => [...$m->partsRequired, ...$m->partsForbidden],
            $modes,
        )))));
    }

    /** @return array<array-key, Message|string> */
    public static function slots(CaseFile $case): array
    {
        return self::counted(count($case->seat->slots ?? []));
    }

    /** @return array<array-key, Message|string> */
    public static function crotch(CaseFile $case): array
    {
        $slots = array_merge(...array_map(static fn(Mode $m): array => $m->crotchSlots ?? [], array_values($case->seat->modes ?? [])));

        return self::counted($slots === [] ? 3 : max($slots));
    }

    /** @return array<array-key, Message|string> */
    public static function inserts(CaseFile $case): array
    {
        return self::same(array_map(static fn(Insert $i): string => $i->name, $case->seat->inserts ?? []));
    }

    private static function mode(CaseFile $case): ?Mode
    {
        return $case->setup?->mode === null ? null : $case->seat->modes[$case->setup->mode->value] ?? null;
    }

    /** @return array<array-key, Message|string> */
    private static function counted(int $count): array
    {
        return self::same(array_map(strval(...), $count === 0 ? [] : range(1, $count)));
    }

    /**
     * @param list<string> $values
     * @return array<array-key, Message|string>
     */
    private static function same(array $values): array
    {
        return array_combine($values, array_map(static fn(string $value): string => ucfirst(str_replace('_', ' ', $value)), $values));
    }
}
