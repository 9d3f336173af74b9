<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\CaseFile;
use stdClass;

/** A case file's text to a CaseFile. Strict: anything the format does not know is refused, and every problem is named with its path. */
final readonly class Reader
{
    public const FORMAT = 'mint-buckle/case';

    public const VERSION = 1;

    /** @throws InvalidCase */
    public static function read(string $json): CaseFile
    {
        return self::fromObject(JsonText::decode($json));
    }

    /** @throws InvalidCase */
    public static function fromObject(stdClass $data): CaseFile
    {
        $problems = new Problems();
        Envelope::check($data, self::FORMAT, self::VERSION, $problems);
        $case = SectionReader::read(CaseFile::class, $data, '', $problems, besides: Envelope::KEYS);
        Consistency::check($case, $problems);
        $problems->stopIfAny();

        return $case;
    }
}
