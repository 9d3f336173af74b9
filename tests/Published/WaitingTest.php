<?php

declare(strict_types=1);

namespace Tests\Published;

use MintBuckle\Core\Capacity\ErlangC;
use MintBuckle\Core\Capacity\WaitingLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The waiting line against figures that textbooks print; the values are from memory of these pages.
 *
 * D. Gross, C. M. Harris, Fundamentals of Queueing Theory (Wiley), chapter 2, the eye clinic of a city hospital: 6 an hour, 20 minutes
 * each, 3 doctors. F. S. Hillier, G. J. Lieberman, Introduction to Operations Research (McGraw-Hill), chapter 17, the emergency room of
 * a county hospital: 2 an hour, 20 minutes each, 1 or 2 doctors.
 */
final class WaitingTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, float, float, float}> arrivals, minutes, servers, L_q, W_q in minutes, chance of waiting */
    public static function printed(): iterable
    {
        yield 'eye clinic: L_q 8/9, W_q 4/27 h' => [6, 20, 3, 8 / 9, 60 * 4 / 27, 4 / 9];
        yield 'emergency room, one doctor: L_q 4/3, W_q 2/3 h' => [2, 20, 1, 4 / 3, 40.0, 2 / 3];
        yield 'emergency room, two doctors: L_q 1/12, W_q 1/24 h' => [2, 20, 2, 1 / 12, 2.5, 1 / 6];
    }

    #[DataProvider('printed')]
    public function testWhatTextbooksPrint(int $arrivals, int $minutes, int $servers, float $length, float $wait, float $waits): void
    {
        $line = WaitingLine::of($arrivals, $minutes, $servers);
        self::assertEqualsWithDelta($wait, $line->meanWaitMinutes(), 1e-9);
        self::assertEqualsWithDelta($waits, $line->waitProbability(), 1e-12);
        // J. D. C. Little, A Proof for the Queuing Formula L = λW, Operations Research 9 (1961).
        self::assertEqualsWithDelta($length, $arrivals * $line->meanWaitMinutes() / 60, 1e-9, 'Little: as many wait as come in the time that one waits');
    }

    /** Hillier, Lieberman, the same emergency room, two doctors: P(W_q > 1/2 h) = 0.022, P(W_q > 1 h) = 0.003; for one: 0.404 and 0.245. */
    public function testHowManyWaitLong(): void
    {
        foreach ([[1, 30, 0.404], [1, 60, 0.245], [2, 30, 0.022], [2, 60, 0.003]] as [$doctors, $minutes, $printed]) {
            $line = WaitingLine::of(2, 20, $doctors);
            self::assertEqualsWithDelta($printed, $line->waitProbability() * exp(-($doctors - 2 / 3) * $minutes / 20), 0.0006, "{$doctors} doctors, {$minutes} min");
        }
        self::assertEqualsWithDelta(0.1, WaitingLine::of(2, 20, 1)->waitProbability() * exp(-(1 - 2 / 3) * WaitingLine::of(2, 20, 1)->p90WaitMinutes() / 20), 1e-12);
    }

    /** @return iterable<string, array{int, float, float}> servers, traffic in erlang, probability as tables of Erlang's second formula print it */
    public static function tabled(): iterable
    {
        yield '1 server: the load itself' => [1, 0.7, 0.7];
        yield '2 servers at 1 erlang' => [2, 1.0, 1 / 3];
        yield '3 servers at 2 erlang' => [3, 2.0, 4 / 9];
        yield '5 servers at 3 erlang' => [5, 3.0, 0.2362];
        yield '10 servers at 8 erlang' => [10, 8.0, 0.4092];
        yield '20 servers at 15 erlang' => [20, 15.0, 0.1604];
    }

    #[DataProvider('tabled')]
    public function testErlangsSecondFormula(int $servers, float $offered, float $tabled): void
    {
        self::assertEqualsWithDelta($tabled, ErlangC::probability($servers, $offered), 0.00006);
    }
}
