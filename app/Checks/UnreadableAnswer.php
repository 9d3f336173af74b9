<?php

declare(strict_types=1);

namespace App\Checks;

use App\Words\Telling;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\Telling\Message;
use RuntimeException;

/**
 * What was typed cannot be taken; the message says what to do, in the reader's language.
 *
 * @phpstan-import-type Told from Message
 */
class UnreadableAnswer extends RuntimeException
{
    /**
     * @param string $why a key of the language files' "refused"
     * @param array<string, Told> $with
     */
    public static function because(string $why, array $with = []): self
    {
        return new self(Telling::now()->tell(new Message("refused.{$why}", $with)));
    }

    /** @param string $how a key that says what to do about it */
    public static function of(Problem $problem, string $how = 'case'): self
    {
        return self::because($how, ['path' => $problem->path, 'problem' => $problem->told()]);
    }
}
