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
                    SELECT outcome ->> 'model' AS model, outcome ->> 'kind' AS kind, key, value AS n
                    FROM jsonb_each_text(outcome -> 'counts')
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
        -- What is read together lies together.
        ORDER BY scope, kind
        SQL;

    /** Whoever signs meanwhile waits, or comes after. */
    private const ALONE = 'LOCK TABLE roll_ups IN SHARE ROW EXCLUSIVE MODE';

    /** Adds an event's sums to another scope, or takes them from it. */
    private const FROM_EVENT = <<<'SQL'
        INSERT INTO roll_ups (scope, kind, measure, "of", n)
        SELECT ?, kind, measure, "of", ?::int * n FROM roll_ups WHERE scope = ?
        ON CONFLICT (organisation_id, scope, kind, measure, "of") DO UPDATE SET n = roll_ups.n + excluded.n
        SQL;

    /**
     * Adds the checks of a visit, inside the transaction that signs them: all at once and in one order, so that two who sign at the same
     * time wait for each other and never both.
     *
     * @param list<Outcome> $outcomes
     */
    public static function add(CheckupEvent $event, array $outcomes): void
    {
        $scopes = ["event:{$event->id}", ...self::periods($event)];
        $sums = [];
        foreach ($outcomes as $outcome) {
            self::sum($sums, $scopes, $outcome->kind, $outcome->counts);
            self::sum($sums, $scopes, '', $outcome->counts + $outcome->family);
            self::sum($sums, $outcome->model === null ? [] : ["model:{$outcome->model}"], '', $outcome->counts);
        }
        ksort($sums);
        foreach (array_chunk($sums, 1_000) as $rows) {
            DB::table('roll_ups')->upsert($rows, self::KEY, ['n' => DB::raw('roll_ups.n + excluded.n')]);
        }
    }

    /** An event is held on another day, or by another practice: its sums go with it. */
    public static function move(CheckupEvent $event, CheckupEvent $before): void
    {
        [$from, $to] = [self::periods($before), self::periods($event)];
        if ($from === $to) {
            return;
        }
        DB::statement(self::ALONE);
        foreach ([-1 => array_diff($from, $to), 1 => array_diff($to, $from)] as $sign => $scopes) {
            foreach ($scopes as $scope) {
                DB::affectingStatement(self::FROM_EVENT, [$scope, $sign, "event:{$event->id}"]);
            }
        }
        DB::table('roll_ups')->whereIn('scope', $from)->where('n', 0)->delete();
    }

    /** Makes all of the organisation's sums again, from what was kept of each check. */
    public static function rebuild(): int
    {
        return DB::transaction(static function (): int {
            DB::statement("SET LOCAL work_mem = '128MB'");
            DB::statement(self::ALONE);
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
     * @param array<string, array{scope: string, kind: string, measure: string, of: string, n: int}> $sums
     * @param list<string> $scopes
     * @param array<string, int> $counts
     */
    private static function sum(array &$sums, array $scopes, string $kind, array $counts): void
    {
        foreach ($scopes as $scope) {
            foreach ($counts as $key => $n) {
                [$measure, $of] = explode('/', $key, 2);
                $row = ['scope' => $scope, 'kind' => $kind, 'measure' => $measure, 'of' => $of, 'n' => $n];
                $row['n'] += $sums["{$scope} {$kind} {$key}"]['n'] ?? 0;
                $sums["{$scope} {$kind} {$key}"] = $row;
            }
        }
    }
}
