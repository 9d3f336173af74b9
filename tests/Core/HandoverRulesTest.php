<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station handover. The policy asks for a second signer; both certifications end in 2027. */
final class HandoverRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        yield 'not sent off' => [self::REAR, ['handover' => null], [], ['handover']];
        yield 'not sent off, no second signer' => [self::REAR, ['handover' => null, 'policy.second_signer' => false], []];
        yield 'not shown back' => [self::REAR, ['handover.shown_back' => false], ['ask handover.not_shown_back']];
        yield 'shown back unknown' => [self::REAR, ['handover.shown_back' => null], ['ask handover.not_shown_back'], ['handover.shown_back']];
        yield 'no second signer' => [self::REAR, ['handover.checker' => null], ['ask handover.unsigned'], ['handover.checker']];
        yield 'no second signer, none asked' => [self::REAR, ['handover.checker' => null, 'policy.second_signer' => false], []];
        yield 'the same person' => [self::REAR, ['handover.checker.id' => 't1'], ['fix handover.checker_same']];
        yield 'certified until yesterday' => [self::REAR, ['handover.technician.certified_until' => '2026-10-09'], ['fix handover.certification technician']];
        yield 'certified until today' => [self::REAR, ['handover.technician.certified_until' => '2026-10-10'], []];
        yield 'certified until tomorrow' => [self::REAR, ['handover.technician.certified_until' => '2026-10-11'], []];
        yield 'checker out of date' => [self::REAR, ['handover.checker.certified_until' => '2026-01-01'], ['fix handover.certification checker']];
        yield 'checker out of date, though no second signer is asked' => [self::REAR, ['handover.checker.certified_until' => '2026-01-01', 'policy.second_signer' => false], ['fix handover.certification checker']];
        yield 'a checker without a name is nobody' => [self::REAR, ['handover.checker' => ['certified_until' => '2026-01-01'], 'policy.second_signer' => false], []];
        yield 'the technician has not signed' => [self::REAR, ['handover.technician' => ['certified_until' => '2027-01-01']], ['ask handover.unsigned'], ['handover.technician.id']];
        yield 'the technician has not signed, and one is enough' => [self::REAR, ['handover.technician' => null, 'policy.second_signer' => false], ['ask handover.certification technician'], ['handover.technician.certified_until']];
        yield 'nobody has signed' => [self::REAR, ['handover.technician' => null, 'handover.checker' => null], ['ask handover.certification technician', 'ask handover.unsigned'], ['handover.technician.certified_until', 'handover.technician.id', 'handover.checker']];
        yield 'date unknown' => [self::REAR, ['handover.technician.certified_until' => null], ['ask handover.certification technician'], ['handover.technician.certified_until']];

    }
}
