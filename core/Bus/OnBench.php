<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;

/** Codes of the car that are found on a bus too; there they are said of the bench, and other facts mend them. */
final readonly class OnBench
{
    private const SUBJECT = 'bench';

    /** @param list<string> $mendedBy */
    public static function finds(string $code, Severity $severity, array $mendedBy): Finds
    {
        return new Finds(Code::of($code), [$severity], mendedBy: $mendedBy, subject: self::SUBJECT);
    }

    public static function finding(
        string $code,
        Severity $severity = Severity::Fix,
        string $from = 'default',
        Source $source = Source::Common,
    ): Finding {
        return new Finding(
            Code::of($code),
            $severity,
            variant: self::SUBJECT,
            subject: self::SUBJECT,
            from: $from,
            sources: [$source->cite()],
        );
    }
}
