<?php

declare(strict_types=1);

namespace App\Findings;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\SeatModel;
use Illuminate\Database\Eloquent\Builder as Found;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Report\Figures;
use MintBuckle\Core\Report\Measure;

/** Figures by a filter, from the sums that are kept. */
final readonly class Findings
{
    private const MODELS = 10;

    private const EVENTS = 200;

    /** Runs of events whose figures to hand on were made one after the other. */
    private const RUNS = 'SELECT count(*) FROM (SELECT DISTINCT practice, handed_on_order - row_number() OVER (PARTITION BY practice '
        . 'ORDER BY handed_on_order) FROM (%s) AS chosen) AS runs';

    public static function page(FindingsFilter $filter): FindingsPage
    {
        return new FindingsPage(
            $filter,
            self::figures($filter),
            CheckupEvent::query()->whereNotNull('opened_at')->orderByDesc('held_on')->orderByDesc('id')->limit(self::EVENTS)->get(),
            $filter->isAll() && ! $filter->handOn ? self::hardest() : [],
            $filter->handOn ? $filter->events()->whereNotNull('handed_on_order')->count() : 0,
            CheckupEvent::query()->whereNotNull('closed_at')->whereNull('handed_on_at')->count(),
        );
    }

    public static function figures(FindingsFilter $filter): Figures
    {
        if (! $filter->handOn) {
            return Figures::exact(Counts::of($filter->scopes(), $filter->kind));
        }
        $made = $filter->events()->whereNotNull('handed_on_order');
        $runs = DB::scalar(
            sprintf(self::RUNS, $made->clone()->select(['practice', 'handed_on_order'])->toSql()),
            $made->getBindings(),
        );

        return Figures::toHandOn(
            Counts::read(DB::table('handed_on_figures')->whereIn('checkup_event_id', $made->select('id')), 'told'),
            is_int($runs) ? $runs : 0,
        );
    }

    /** @return Found<Check> that a figure counts, the last signed first */
    public static function checks(FindingsFilter $filter, Measure $measure, string $of): Found
    {
        return Check::query()
            ->whereRaw("outcome -> 'counts' ?? ?", [$measure->key($of)])
            ->when($filter->kind !== null, static fn(Found $checks): Found => $checks->where('outcome->kind', $filter->kind))
            ->when(! $filter->isAll(), static fn(Found $checks): Found => $checks->whereHas(
                'visit',
                static fn(Found $visit): Found => $visit->whereIn('checkup_event_id', $filter->events()->select('id')),
            ))
            ->with(['visit.event'])
            ->orderByDesc('signed_at')->orderBy('id');
    }

    /** @return list<HardModel> */
    private static function hardest(): array
    {
        $sums = static fn(): Builder => DB::table('roll_ups')->where('kind', '')->selectRaw('scope, sum(n)::bigint AS n')->groupBy('scope');
        $loose = self::byModel($sums()->where('scope', 'like', 'model:%')->where('measure', Measure::Found->value)
            ->where('of', 'measure.loose')->orderByDesc('n')->orderBy('scope')->limit(self::MODELS));
        $seats = self::byModel($sums()->whereIn('scope', array_map(static fn(int $id): string => "model:{$id}", array_keys($loose)))
            ->where('measure', Measure::Left->value));
        $models = SeatModel::query()->findMany(array_keys($loose))->keyBy('id');

        return array_map(
            static fn(int $id, int $n): HardModel => new HardModel($id, $models[$id]?->title() ?? '', $n, $seats[$id] ?? 0),
            array_keys($loose),
            array_values($loose),
        );
    }

    /** @return array<int, int> by the model's number */
    private static function byModel(Builder $sums): array
    {
        $n = [];
        foreach ($sums->get() as $row) {
            assert(is_string($row->scope) && is_int($row->n));
            $n[(int) substr($row->scope, strlen('model:'))] = $row->n;
        }

        return $n;
    }
}
