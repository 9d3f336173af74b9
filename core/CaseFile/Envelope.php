<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use stdClass;

/** The first two keys of every file of ours: which format it is, in which version. */
final readonly class Envelope
{
    public const KEYS = ['format', 'version'];

    public static function check(stdClass $data, string $format, int $version, Problems $problems): void
    {
        $given = $data->format ?? null;
        if ($given !== $format) {
            $problems->add('format', $given === null ? 'is required' : "must be {$format}");
        }
        if (! isset($data->version)) {
            $problems->add('version', 'is required');
        } else {
            ValueReader::whole($data->version, 'version', $version, $version, $problems);
        }
    }
}
