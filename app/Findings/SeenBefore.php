<?php

declare(strict_types=1);

namespace App\Findings;

use App\Models\SeatModel;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Report\Figures;
use MintBuckle\Core\Report\Lesson;
use MintBuckle\Core\Report\Outcome;

/** What this organisation's earlier checks teach of a seat: of its model, or, where that was hardly met, of its kind. */
final readonly class SeenBefore
{
    /** @param string|null $model what it is called; null: it is of the kind */
    private function __construct(public Lesson $lesson, public ?string $model, public string $kind) {}

    /** Null where too few were checked, or it is not known which seat it is. */
    public static function of(?Seat $seat): ?self
    {
        if ($seat?->maker === null || $seat->model === null) {
            return null;
        }
        $model = SeatModel::firstOf($seat->maker, $seat->model);
        $kind = SeatKind::tryFrom($model->kind ?? '')->value ?? Outcome::kindOf($seat);
        $lesson = $model === null ? null : Lesson::of(Figures::exact(Counts::of(["model:{$model->id}"])));

        return $lesson === null ? self::ofKind($kind) : new self($lesson, $model->title(), $kind);
    }

    private static function ofKind(string $kind): ?self
    {
        $lesson = $kind === Outcome::OTHER_KIND ? null : Lesson::of(Figures::exact(Counts::of(['ever:'], $kind)));

        return $lesson === null ? null : new self($lesson, null, $kind);
    }
}
