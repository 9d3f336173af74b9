<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\SeatModel;
use Illuminate\Support\Str;
use MintBuckle\Core\Kit\KitItem;
use MintBuckle\Core\Kit\KitUse;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;

/** What a check took from the kit, by its facts. */
final readonly class TakenFromKit
{
    /** Without one of these as it leaves there is nothing that it could have taken. */
    private const KEYS = '/\A(?:seat(?:\.maker|\.model)?|setup(?:\.wedge\w*|\.lock)?)\z/';

    /** @return array<string, int>|null by item; null: nothing */
    public static function by(Check $check): ?array
    {
        $touched = array_filter(
            $check->logged(),
            static fn(LoggedFact $fact): bool => $fact->phase === InspectionPhase::Left && preg_match(self::KEYS, $fact->key) === 1,
        );
        if ($touched === []) {
            return null;
        }
        $left = $check->caseOf(InspectionPhase::Left)->case;
        $isSeatTouched = array_filter($touched, static fn(LoggedFact $fact): bool => str_starts_with($fact->key, 'seat')) !== [];
        if (! $isSeatTouched && ! KitUse::mayBeIn($left)) {
            return null;
        }
        $use = KitUse::of($check->caseOf(InspectionPhase::Found)->case, $left);
        $kind = $use->isSeatGiven && $check->seat_model_id !== null ? SeatModel::query()->find($check->seat_model_id)?->kind : null;
        $seat = $kind === null ? null : KitItem::tryFrom(Str::slug($kind));

        return ($use->counts + ($seat === null ? [] : [$seat->value => 1])) ?: null;
    }
}
