<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use MintBuckle\Core\Drill\DrillWeights;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Telling\Message;

/** The findings of some checks as tables, by the handbook's section 13. */
final readonly class Report
{
    /** @return list<FigureTable> */
    public static function of(Figures $f): array
    {
        return [
            self::summary($f),
            self::expected($f),
            self::stations($f),
            self::codes($f),
            self::verdicts($f),
            self::counted($f, Measure::WithdrawnFor),
            self::counted($f, Measure::Became),
            self::spans($f, Measure::Minutes, Spans::OF_A_SEAT),
            self::spans($f, Measure::Waited, Spans::OF_A_WAIT),
            self::counted($f, Measure::Kit),
        ];
    }

    private static function summary(Figures $f): FigureTable
    {
        [$seats, $found] = [$f->seats(), $f->sum(Measure::Found)];
        $row = static fn(string $key, ?int $count, ?int $share = null, ?Measure $measure = null): FigureRow => new FigureRow(
            $key,
            new Message("report.summary.{$key}"),
            ['count' => $count, 'share' => $share],
            $measure,
        );
        $erring = $f->of(Measure::Erring);
        $putRight = $f->sum(Measure::PutRight);

        return new FigureTable('summary', ['count', 'share'], array_values(array_filter([
            $row('seats', $seats),
            $row('families', $f->sum(Measure::Waited)),
            $row('erring', $erring, Figures::percent($erring, $seats), Measure::Erring),
            $row('found', $found),
            $row('put_right', $putRight, Figures::percent($putRight, $found)),
            $row('good', $f->good(), Figures::percent($f->good(), $seats)),
            $row('withdrawn', $f->sum(Measure::Became), Figures::percent($f->sum(Measure::Became), $seats)),
            $f->isExact() ? $row('minutes', $f->meanMinutes(Measure::Minutes, Measure::Seconds)) : null,
            $f->isExact() ? $row('waited', $f->meanMinutes(Measure::Waited, Measure::SecondsWaited)) : null,
        ])));
    }

    /** What came with an error, beside what the trade expects; nothing where there is nothing to be a share of. */
    private static function expected(Figures $f): FigureTable
    {
        $share = Figures::percent($f->of(Measure::Erring), $f->seats());

        return new FigureTable('expected', ['share', 'expected'], $share === null ? [] : [new FigureRow(
            'erring',
            new Message('report.summary.erring'),
            ['share' => $share, 'expected' => Figures::EXPECTED_ERRING_PERCENT],
        )], ['share', 'expected']);
    }

    private static function stations(Figures $f): FigureTable
    {
        $rows = [];
        foreach (Station::cases() as $station) {
            $codes = $f->codes($station);
            $cells = self::shares($f, $f->sum(Measure::Found, $codes), $f->sum(Measure::PutRight, $codes));
            $rows[] = new FigureRow($station->value, $station->title(), $cells);
        }

        return new FigureTable(
            'stations',
            ['found', 'put_right', 'put_right_share'],
            array_values(array_filter($rows, static fn(FigureRow $row): bool => $row->cells['found'] !== 0)),
            ['found', 'put_right'],
        );
    }

    private static function codes(Figures $f): FigureTable
    {
        return new FigureTable('codes', ['found', 'share', 'put_right', 'put_right_share'], array_map(
            static fn(string $code): FigureRow => new FigureRow(
                $code,
                FigureNames::of(Measure::Found, $code),
                self::shares($f, $f->of(Measure::Found, $code), $f->of(Measure::PutRight, $code)),
                Measure::Found,
                DrillWeights::isCommon($code),
            ),
            $f->codes(),
        ), ['found', 'put_right']);
    }

    private static function verdicts(Figures $f): FigureTable
    {
        return new FigureTable('left', ['count', 'share'], array_map(static fn(Verdict $verdict): FigureRow => new FigureRow(
            $verdict->value,
            FigureNames::of(Measure::Left, $verdict->value),
            [
                'count' => $f->of(Measure::Left, $verdict->value),
                'share' => Figures::percent($f->of(Measure::Left, $verdict->value), $f->seats()),
            ],
            Measure::Left,
        ), array_reverse(Verdict::cases())));
    }

    private static function counted(Figures $f, Measure $measure): FigureTable
    {
        return new FigureTable($measure->value, ['count'], array_map(
            static fn(string $of): FigureRow => new FigureRow(
                $of,
                FigureNames::of($measure, $of),
                ['count' => $f->of($measure, $of)],
                $measure,
            ),
            $f->keys($measure),
        ));
    }

    /** @param non-empty-list<int> $spans */
    private static function spans(Figures $f, Measure $measure, array $spans): FigureTable
    {
        $rows = [];
        foreach ($spans as $from) {
            $rows[] = new FigureRow(
                (string) $from,
                FigureNames::span((string) $from, $spans),
                ['count' => $f->of($measure, (string) $from)],
                in_array($measure->value, Measure::ofFamilies(), true) ? null : $measure,
            );
        }

        return new FigureTable($measure->value, ['count'], $rows, ['count']);
    }

    /** @return array<string, int|null> */
    private static function shares(Figures $f, ?int $found, ?int $putRight): array
    {
        return [
            'found' => $found,
            'share' => Figures::percent($found, $f->seats()),
            'put_right' => $putRight,
            'put_right_share' => Figures::percent($putRight, $found),
        ];
    }
}
