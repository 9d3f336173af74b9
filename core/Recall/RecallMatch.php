<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\MadeWindow;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Truth\Truth;

/**
 * Whether a campaign covers a seat: yes, no, or not to be told. A field that the campaign tests and the seat lacks
 * leaves it open; only a field that is known not to match clears the seat.
 */
final readonly class RecallMatch
{
    /**
     * @param Truth $names whether maker and model are those of the campaign, whenever the seat was made
     * @param list<string> $missing paths of the seat's facts that would decide, when open
     */
    private function __construct(public Campaign $campaign, public Truth $covers, public Truth $names, public array $missing) {}

    public static function of(Campaign $campaign, Seat $seat): self
    {
        $tests = [
            'seat.maker' => self::maker($campaign, $seat),
            'seat.model' => self::model($campaign, $seat),
            'seat.made_on' => self::made($campaign, $seat),
            'seat.serial' => self::serial($campaign, $seat),
        ];
        $covers = Truth::all(...$tests);
        $open = array_keys(array_filter(
            $tests,
            static fn(Truth $t, string $path): bool => $t === Truth::Unknown
                && ($path !== 'seat.made_on' || ! self::isUpsideDown($campaign)),
            ARRAY_FILTER_USE_BOTH,
        ));

        return new self($campaign, $covers, $tests['seat.maker']->and($tests['seat.model']), $covers === Truth::Unknown ? $open : []);
    }

    /** A window upside down is a slip of the list: as without window, and never more than possible. */
    private static function made(Campaign $campaign, Seat $seat): Truth
    {
        return self::isUpsideDown($campaign) ? Truth::Unknown : MadeWindow::holds($campaign->madeFrom, $campaign->madeTo, $seat->madeOn);
    }

    private static function isUpsideDown(Campaign $campaign): bool
    {
        return $campaign->madeFrom !== null && $campaign->madeTo?->isBefore($campaign->madeFrom) === true;
    }

    private static function maker(Campaign $campaign, Seat $seat): Truth
    {
        return $seat->maker === null ? Truth::Unknown : Truth::of(Folded::text($campaign->maker) === Folded::text($seat->maker));
    }

    private static function model(Campaign $campaign, Seat $seat): Truth
    {
        $model = $seat->model;

        return match (true) {
            $campaign->models === [] => Truth::Yes,
            $model === null => Truth::Unknown,
            default => Truth::of(
                array_filter($campaign->models, static fn(string $pattern): bool => Folded::matches($pattern, $model)) !== [],
            ),
        };
    }

    private static function serial(Campaign $campaign, Seat $seat): Truth
    {
        if ($campaign->serialFrom === null && $campaign->serialTo === null) {
            return Truth::Yes;
        }
        if ($seat->serial === null) {
            return Truth::Unknown;
        }
        $serial = Serial::of($seat->serial);
        $afterFrom = self::ordered($campaign->serialFrom === null ? null : Serial::of($campaign->serialFrom), $serial);

        return $afterFrom->and(self::ordered($serial, $campaign->serialTo === null ? null : Serial::of($campaign->serialTo)));
    }

    /** An open end is in order with anything; serials of different shape cannot be told. */
    private static function ordered(?Serial $first, ?Serial $second): Truth
    {
        if ($first === null || $second === null) {
            return Truth::Yes;
        }
        $order = $first->compareTo($second);

        return Truth::of($order === null ? null : $order <= 0);
    }
}
