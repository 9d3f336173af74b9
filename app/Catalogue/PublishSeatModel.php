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
    private const AT_ONCE = 500;

    /**
     * As somebody typed it who looked at a certain version.
     *
     * @param int|null $seen id of the version that they had before them; null: they took it for a new model
     * @param array<string, mixed> $about
     * @throws Overtaken when another version holds by now
     */
    public static function over(?int $seen, stdClass $rules, string $kind, User $author, array $about): SeatModel
    {
        return self::put($rules, $kind, $author, static function (?SeatModel $before) use ($seen): void {
            if ($before !== null && $before->id !== $seen) {
                throw new Overtaken($before);
            }
        }, $about);
    }

    /**
     * @param stdClass $rules that the core's reader takes
     * @param Closure(?SeatModel): void|null $mayReplace told the version that would be replaced
     * @param array<string, mixed>|null $about null: as in the version before
     */
    public static function put(
        stdClass $rules,
        string $kind,
        ?User $author,
        ?Closure $mayReplace = null,
        ?array $about = null,
    ): SeatModel {
        return DB::transaction(static function () use ($rules, $kind, $author, $mayReplace, $about): SeatModel {
            // A model that is not there yet has no row to lock: its name is locked instead.
            DB::select('select pg_advisory_xact_lock(hashtextextended(?, 0))', [self::named($rules)]);
            $before = SeatModel::query()
                ->where('maker', self::text($rules, 'maker'))
                ->where('model', self::text($rules, 'model'))
                ->orderByDesc('version')
                ->first();
            if ($before !== null && $before->replaced_by === null && self::isAs($before, $kind, $rules, $about)) {
                return $before;
            }
            $mayReplace?->__invoke($before);
            $model = SeatModel::query()->create([
                'maker' => self::text($rules, 'maker'),
                'model' => self::text($rules, 'model'),
                'name' => self::text($rules, 'name') ?: null,
                'kind' => $kind,
                'rules' => $rules,
                'about' => $about ?? $before->about ?? [],
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
     * All of them or none; of one that stands there twice the later one.
     *
     * @param list<array{kind: string, rules: stdClass, about: array<string, mixed>|null}> $models
     * @return int how many were new or changed
     */
    public static function all(array $models, User $author): int
    {
        return DB::transaction(static function () use ($models, $author): int {
            // Whoever publishes meanwhile waits, or is told to come again: versions are counted up once for all.
            DB::statement('LOCK TABLE seat_models IN SHARE ROW EXCLUSIVE MODE');
            $latest = self::latest();
            $fresh = [];
            foreach ($models as $model) {
                $name = self::named($model['rules']);
                $before = $latest[$name] ?? null;
                if ($before !== null && self::isAs($before, $model['kind'], $model['rules'], $model['about'])) {
                    unset($fresh[$name]);
                } else {
                    $fresh[$name] = self::row($model, $before, $author);
                }
            }
            foreach (array_chunk($fresh, self::AT_ONCE) as $rows) {
                SeatModel::query()->insert($rows);
            }
            DB::statement(
                'UPDATE seat_models AS older SET replaced_by = newer.id FROM seat_models AS newer WHERE older.replaced_by IS NULL '
                    . 'AND newer.maker = older.maker AND newer.model = older.model AND newer.version = older.version + 1',
            );
            SeatModel::forgetNames();
            Projection::forget(null, Verdict::NotFinished);

            return count($fresh);
        });
    }

    /** @return array<string, SeatModel> versions in use by maker and number */
    private static function latest(): array
    {
        $latest = [];
        foreach (SeatModel::inUse()->get() as $model) {
            $latest["{$model->maker}\n{$model->model}"] = $model;
        }

        return $latest;
    }

    private static function named(stdClass $rules): string
    {
        return self::text($rules, 'maker') . "\n" . self::text($rules, 'model');
    }

    private static function text(stdClass $rules, string $key): string
    {
        return is_string($rules->{$key} ?? null) ? $rules->{$key} : '';
    }

    /**
     * @param array{kind: string, rules: stdClass, about: array<string, mixed>|null} $model
     * @return array<string, mixed>
     */
    private static function row(array $model, ?SeatModel $before, User $author): array
    {
        $rules = $model['rules'];

        return [
            'maker' => self::text($rules, 'maker'),
            'model' => self::text($rules, 'model'),
            'name' => self::text($rules, 'name') ?: null,
            'kind' => $model['kind'],
            'rules' => json_encode($rules, JSON_THROW_ON_ERROR),
            'about' => json_encode((object) ($model['about'] ?? $before->about ?? []), JSON_THROW_ON_ERROR),
            'version' => ($before->version ?? 0) + 1,
            'entered_by' => $author->id,
            'created_at' => now(),
            'updated_at' => now(),
        ];
    }

    /** @param array<string, mixed>|null $about null: whatever it is */
    private static function isAs(SeatModel $before, string $kind, stdClass $rules, ?array $about): bool
    {
        return $before->kind === $kind
            && self::same($before->rules, $rules)
            && ($about === null || self::same((object) $before->about, (object) $about));
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
