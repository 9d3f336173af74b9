<?php

/**
 * The seats of 50,000 past checks against a new list of 500 campaigns, in process.
 *
 * The ratio is to matching every seat with every campaign, measured on 500 seats of the same run.
 */

declare(strict_types=1);

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\Advice;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\RecallList;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Recall\RecallAnswer;
use MintBuckle\Core\Recall\Rematch;

require __DIR__ . '/../vendor/autoload.php';

$campaigns = array_map(
    static fn(int $n): Campaign => new Campaign(
        "B-{$n}",
        'Maker ' . $n % 50,
        Advice::StopUse,
        ["M{$n}*"],
        CalendarDate::of(2020, 1, 1),
        CalendarDate::of(2022, 12, 31),
    ),
    range(1, 500),
);
$seats = array_map(
    static fn(int $n): Seat => new Seat(maker: 'maker ' . $n % 60, model: 'M' . $n % 700 . 'X', madeOn: PartialDate::parse('2021-05')),
    range(1, 50_000),
);
$list = new RecallList(CalendarDate::of(2026, 1, 1), $campaigns);

$start = hrtime(true);
$rematch = Rematch::with($list);
$named = count(array_filter($seats, static fn(Seat $seat): bool => $rematch->answer($seat)->worst() !== 'clear'));
$all = (hrtime(true) - $start) / 1e9;

$start = hrtime(true);
foreach (array_slice($seats, 0, 500) as $seat) {
    RecallAnswer::of($list, $seat);
}
$naive = (hrtime(true) - $start) / 1e9 * 100;

printf("bench: rematch_50000_s %.2f s (%d named)\n", $all, $named);
printf("bench: rematch_vs_every_campaign %.3f x\n", $all / $naive);
