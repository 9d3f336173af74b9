<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Checks\Projection;
use App\Models\SeatModel;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\FactLog;
use stdClass;

/** Puts a model into the catalogue, or a newer version of one that is there; what is just the same changes nothing. */
final readonly class PublishSeatModel
{
    /**
     * As somebody typed it who looked at a certain version.
     *
     * @param int|null $seen id of the version that they had before them; null: they took it for a new model
     * @throws Overtaken when another version holds by now
     */
    public static function over(?int $seen, stdClass $rules, string $kind, User $author): SeatModel
    {
        return self::put($rules, $kind, $author, static function (?SeatModel $before) use ($seen): void {
            if ($before !== null && $before->id !== $seen) {
                throw new Overtaken($before);
            }
        });
    }

    /**
     * @param stdClass $rules that the core's reader takes
     * @param Closure(?SeatModel): void|null $mayReplace told the version that would be replaced
     */
    public static function put(stdClass $rules, string $kind, ?User $author, ?Closure $mayReplace = null): SeatModel
    {
        return DB::transaction(static function () use ($rules, $kind, $author, $mayReplace): SeatModel {
            $text = static fn(string $key): string => is_string($rules->{$key} ?? null) ? $rules->{$key} : '';
            // A model that is not there yet has no row to lock: its name is locked instead.
            DB::select('select pg_advisory_xact_lock(hashtextextended(?, 0))', ["{$text('maker')}\n{$text('model')}"]);
            $before = SeatModel::query()
                ->where('maker', $text('maker'))
                ->where('model', $text('model'))
                ->orderByDesc('version')
                ->first();
            if ($before !== null && $before->replaced_by === null && $before->kind === $kind && self::same($before->rules, $rules)) {
                return $before;
            }
            $mayReplace?->__invoke($before);
            $model = SeatModel::query()->create([
                'maker' => $text('maker'),
                'model' => $text('model'),
                'name' => $text('name') === '' ? null : $text('name'),
                'kind' => $kind,
                'rules' => $rules,
                'version' => ($before->version ?? 0) + 1,
                'entered_by' => $author?->id,
            ]);
            $before?->update(['replaced_by' => $model->id]);
            // A name that nobody knew is known now.
            Projection::forget(null, Verdict::NotFinished);

            return $model;
        });
    }

    /**
     * All of them or none.
     *
     * @param list<array{kind: string, rules: stdClass}> $models
     * @return int how many were new or changed
     */
    public static function all(array $models, User $author): int
    {
        return DB::transaction(static function () use ($models, $author): int {
            $before = SeatModel::query()->count();
            array_map(static fn(array $model): SeatModel => self::put($model['rules'], $model['kind'], $author), $models);

            return SeatModel::query()->count() - $before;
        });
    }

    private static function same(stdClass $one, stdClass $other): bool
    {
        return json_encode(self::sorted(FactLog::asKept($one))) === json_encode(self::sorted(FactLog::asKept($other)));
    }

    private static function sorted(mixed $value): mixed
    {
        if (is_array($value)) {
            return array_map(self::sorted(...), $value);
        }
        if (! $value instanceof stdClass) {
            return $value;
        }
        $fields = array_filter(get_object_vars($value), static fn(mixed $v): bool => $v !== null);
        ksort($fields);

        return array_map(self::sorted(...), $fields);
    }
}
