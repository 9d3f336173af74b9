<?php

declare(strict_types=1);

namespace App\Findings;

use App\Models\CheckupEvent;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Report\Outcome;

/**
 * Sums of what signed checks add to the figures, kept by the transaction that signs them: of an event, of a month, a year and ever, by
 * any and by each practice, of all kinds of seats and of each, and of a model. A page reads a few hundred rows of them, however many checks
 * there are.
 */
final readonly class RollUp
{
    private const KEY = ['organisation_id', 'scope', 'kind', 'measure', 'of'];

    /**
     * The sums by scope, from what was kept of each check: by event and by model first, since the other scopes are sums of events. Scopes
     * are written as periods() writes them; without a kind of seat are the sums over all of them, and those of families.
     */
    private const FROM_CHECKS = <<<'SQL'
        WITH added AS (
            SELECT visits.checkup_event_id AS event, counted.model, counted.kind, counted.key, sum(counted.n::bigint) AS n,
                grouping(visits.checkup_event_id) = 1 AS of_model, grouping(counted.kind) = 1 AS of_all
            FROM checks
                JOIN visits ON visits.id = checks.visit_id
                CROSS JOIN LATERAL (
                    SELECT outcome ->> 'model' AS model, outcome ->> 'kind' AS kind, key, value AS n FROM jsonb_each_text(outcome -> 'counts')
                    UNION ALL SELECT NULL, NULL, key, value FROM jsonb_each_text(outcome -> 'family')
                ) AS counted
            WHERE outcome IS NOT NULL
            GROUP BY GROUPING SETS ((1, 3, 4), (1, 4), (2, 4))
        ), sums AS (
            SELECT scopes.scope, coalesce(kind, '') AS kind, key, sum(n) AS n
            FROM added
                JOIN checkup_events AS e ON e.id = event
                CROSS JOIN LATERAL (VALUES
                    ('event:' || e.id),
                    ('month:' || to_char(e.held_on, 'YYYY-MM') || ':'), ('month:' || to_char(e.held_on, 'YYYY-MM') || ':' || e.practice),
                    ('year:' || to_char(e.held_on, 'YYYY') || ':'), ('year:' || to_char(e.held_on, 'YYYY') || ':' || e.practice),
                    ('ever:'), ('ever:' || e.practice)
                ) AS scopes (scope)
            WHERE NOT of_model AND (of_all OR kind IS NOT NULL)
            GROUP BY 1, 2, 3
            UNION ALL
            SELECT 'model:' || model, '', key, n FROM added WHERE of_model AND model IS NOT NULL
        )
        INSERT INTO roll_ups (scope, kind, measure, "of", n)
        SELECT scope, kind, split_part(key, '/', 1), split_part(key, '/', 2), n FROM sums
        SQL;

    /** Adds an event's sums to another scope, or takes them from it. */
    private const FROM_EVENT = <<<'SQL'
        INSERT INTO roll_ups (scope, kind, measure, "of", n)
        SELECT ?, kind, measure, "of", ?::int * n FROM roll_ups WHERE scope = ?
        ON CONFLICT (organisation_id, scope, kind, measure, "of") DO UPDATE SET n = roll_ups.n + excluded.n
        SQL;

    /** Adds one check, inside the transaction that signs it. */
    public static function add(CheckupEvent $event, Outcome $outcome, ?int $model): void
    {
        $scopes = ["event:{$event->id}", ...self::periods($event)];
        self::sum([
            ...self::rows($scopes, $outcome->kind, $outcome->counts),
            ...self::rows($scopes, '', $outcome->counts + $outcome->family),
            ...($model === null ? [] : self::rows(["model:{$model}"], '', $outcome->counts)),
        ]);
    }

    /** An event is held on another day, or by another practice: its sums go with it. */
    public static function move(CheckupEvent $event, CheckupEvent $before): void
    {
        [$from, $to] = [self::periods($before), self::periods($event)];
        foreach ([-1 => array_diff($from, $to), 1 => array_diff($to, $from)] as $sign => $scopes) {
            foreach ($scopes as $scope) {
                DB::affectingStatement(self::FROM_EVENT, [$scope, $sign, "event:{$event->id}"]);
            }
        }
        DB::table('roll_ups')->whereIn('scope', $from)->where('n', 0)->delete();
    }

    /** Makes all of the organisation's sums again, from what was kept of each check. Whoever signs meanwhile waits, or comes after. */
    public static function rebuild(): int
    {
        return DB::transaction(static function (): int {
            DB::statement("SET LOCAL work_mem = '128MB'");
            DB::statement('LOCK TABLE roll_ups IN SHARE ROW EXCLUSIVE MODE');
            DB::table('roll_ups')->delete();

            return DB::affectingStatement(self::FROM_CHECKS);
        });
    }

    /** @return list<string> each by any practice, and by the event's own */
    private static function periods(CheckupEvent $event): array
    {
        $scopes = [];
        foreach (["month:{$event->held_on->format('Y-m')}", "year:{$event->held_on->format('Y')}", 'ever'] as $period) {
            array_push($scopes, "{$period}:", "{$period}:{$event->practice}");
        }

        return $scopes;
    }

    /**
     * @param list<string> $scopes
     * @param array<string, int> $counts
     * @return list<array{scope: string, kind: string, measure: string, of: string, n: int}>
     */
    private static function rows(array $scopes, string $kind, array $counts): array
    {
        $rows = [];
        foreach ($scopes as $scope) {
            foreach ($counts as $key => $n) {
                [$measure, $of] = explode('/', $key, 2);
                $rows[] = ['scope' => $scope, 'kind' => $kind, 'measure' => $measure, 'of' => $of, 'n' => $n];
            }
        }

        return $rows;
    }

    /** @param list<array{scope: string, kind: string, measure: string, of: string, n: int}> $rows */
    private static function sum(array $rows): void
    {
        // In one order, so that two who sign at once wait for each other and never both.
        usort($rows, static fn(array $a, array $b): int => [$a['scope'], $a['kind'], $a['measure'], $a['of']]
            <=> [$b['scope'], $b['kind'], $b['measure'], $b['of']]);
        foreach (array_chunk($rows, 1_000) as $chunk) {
            DB::table('roll_ups')->upsert($chunk, self::KEY, ['n' => DB::raw('roll_ups.n + excluded.n')]);
        }
    }
}
