<?php

/**
 * Makes every file that is made from others: what the classes of facts declare, compiled; the JSON Schemas of the case file and of the
 * files that carry parts of it; the common passwords, in short. php bin/lib/generate.php [--check]: with it nothing is written, and the
 * exit code tells whether all is as it would be made.
 */

declare(strict_types=1);

use App\Accounts\CommonPasswords;
use MintBuckle\Core\Bus\BusRequest;
use MintBuckle\Core\CaseFile\Schema;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\FieldCompiler;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;
use MintBuckle\Present\Words\Lexicon;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";

$json = static fn(mixed $schema): string => json_encode(
    $schema,
    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
) . "\n";
/** A schema whose own part is written by hand, with the definitions made anew. */
$withDefinitions = static function (string $file, string $class) use ($root): array {
    $schema = (array) json_decode((string) file_get_contents("{$root}/{$file}"), true, 64, JSON_THROW_ON_ERROR);

    return array_diff_key($schema, ['$defs' => true]) + ['$defs' => Schema::definitions($class)];
};

$assessment = (array) json_decode((string) file_get_contents("{$root}/docs/schema/assessment.schema.json"), true, 64, JSON_THROW_ON_ERROR);
$assessment['$defs']['finding']['properties']['code']['enum'] = array_map(
    static fn(Code $code): string => $code->value,
    Rulebook::current()->codes(),
);

$made = [
    'docs/schema/assessment.schema.json' => $json($assessment),
    'core/Facts/Definition/CompiledFields.php' => FieldCompiler::source(CaseFile::class),
    'docs/schema/case.schema.json' => $json(Schema::ofCase()),
    'docs/schema/recall-list.schema.json' => $json($withDefinitions('docs/schema/recall-list.schema.json', Campaign::class)),
    'docs/schema/bus.schema.json' => $json($withDefinitions('docs/schema/bus.schema.json', BusRequest::class)),
    'docs/schema/seats.schema.json' => $json($withDefinitions('docs/schema/seats.schema.json', Seat::class)),
];

// The packages of the front end may be away (a copy of the tree): what was made from them then stays as it is.
$lists = "{$root}/node_modules/zxcvbn/lib/frequency_lists.js";
if (is_file($lists)) {
    preg_match('/passwords:\s*"([^"]+)"/', (string) file_get_contents($lists), $list);
    $made['app/Accounts/Data/common-passwords.txt'] = CommonPasswords::made(explode(',', $list[1] ?? ''));
}

$stale = array_keys(array_filter(
    $made,
    static fn(string $content, string $file): bool => @file_get_contents("{$root}/{$file}") !== $content,
    ARRAY_FILTER_USE_BOTH,
));
if (in_array('--check', $argv, true)) {
    foreach ($stale as $file) {
        fwrite(STDERR, "{$file} is not as bin/generate makes it\n");
    }
    exit($stale === [] ? 0 : 1);
}
// What a language lacks is told in English until somebody says it.
/** @var array<string, array{locale: string, name: string}> $languages */
$languages = require "{$root}/config/languages.php";
$lexicon = static fn(string $language): Lexicon => new Lexicon(
    $language,
    $languages[$language]['locale'],
    static function (string $file) use ($root, $language): array {
        $path = "{$root}/lang/{$language}/{$file}.php";

        return is_file($path) ? (array) require $path : [];
    },
);
foreach (array_diff(array_keys($languages), ['en']) as $language) {
    foreach (glob("{$root}/lang/en/*.php") ?: [] as $path) {
        foreach (array_keys($lexicon('en')->file(basename($path, '.php'))) as $key) {
            if ($lexicon($language)->find($key) === null) {
                echo "lang/{$language} lacks {$key}\n";
            }
        }
    }
}
foreach ($stale as $file) {
    file_put_contents("{$root}/{$file}", $made[$file]);
    echo "{$file}\n";
}
