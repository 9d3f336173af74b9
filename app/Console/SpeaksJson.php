<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\Languages;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Present\Words\Teller;

/** One file in, JSON on standard output, every problem on standard error. */
trait SpeaksJson
{
    use WritesJson;

    /** @return resource|null null when it cannot be read, which was said */
    private function openInput()
    {
        $file = $this->argument('file') ?? '-';
        $stream = @fopen($file === '-' ? 'php://stdin' : $file, 'rb');
        if ($stream === false || ($file !== '-' && is_dir($file))) {
            $this->refuse([new Problem('(file)', "cannot be read: {$file}")]);

            return null;
        }

        return $stream;
    }

    /** Who tells the sentences, in the units of the file; null after a language that there is not was refused. */
    private function teller(Languages $languages): ?Teller
    {
        $language = $this->option('lang');
        if (is_string($language) && $languages->has($language)) {
            return $languages->teller($language);
        }
        $this->refuse([new Problem('--lang', 'must be one of: ' . implode(', ', array_keys($languages->names())))]);

        return null;
    }
}
