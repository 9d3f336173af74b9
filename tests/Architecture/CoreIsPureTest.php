<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Core and present read no clock, no file, no setting and throw no dice: everything comes in as an argument. */
final class CoreIsPureTest extends TestCase
{
    private const FORBIDDEN = [
        'now', 'time', 'microtime', 'hrtime', 'date', 'mktime', 'strtotime', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid', 'shuffle', 'array_rand',
        'config', 'env', 'getenv', 'putenv', 'app', 'resolve', 'request', 'file_get_contents', 'file_put_contents', 'fopen', 'fwrite', 'echo', 'print', 'printf',
        'exec', 'shell_exec', 'proc_open', 'curl_init', 'mail', 'header', 'ini_set', 'sleep', 'usleep', 'global', 'eval', 'include', 'require', 'include_once', 'require_once',
    ];

    private const FORBIDDEN_CLASSES = ['DateTime', 'DateTimeImmutable', 'PDO', 'Carbon', 'CarbonImmutable', 'SplFileObject', 'Randomizer'];

    public function testTokens(): void
    {
        $found = [];
        foreach (self::files() as $file) {
            $tokens = array_values(array_filter(PhpToken::tokenize((string) file_get_contents($file)), static fn(PhpToken $t): bool => ! $t->isIgnorable()));
            foreach ($tokens as $i => $token) {
                $before = $tokens[$i - 1] ?? null;
                $isCall = ($tokens[$i + 1]->text ?? '') === '(' || ! $token->is(T_STRING);
                $isMember = $before !== null && $before->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_CONST]);
                if (($isCall && ! $isMember && in_array(strtolower($token->text), self::FORBIDDEN, true)) || ($token->is(T_STRING) && in_array($token->text, self::FORBIDDEN_CLASSES, true))) {
                    $found[] = basename($file) . ": {$token->text} on line {$token->line}";
                }
            }
        }
        self::assertSame([], $found);
    }

    /**
     * Words are in the language files. What is wrong with a file that was read is said in English where it is found, and so is what only
     * a programmer sees.
     */
    public function testNoSentencesInCore(): void
    {
        $readers = '~/core/(CaseFile/|Facts/(Definition/|SeatingPosition)|Recall/RecallIntake|Seating/SeatingReader|Bus/BusReader|Catalogue/(LimitText|LimitRows|RangeText|FieldRows|SeatKind))~';
        $said = [];
        foreach (self::files() as $file) {
            if (! str_contains($file, '/core/') || preg_match($readers, $file) === 1) {
                continue;
            }
            $thrown = false;
            foreach (PhpToken::tokenize((string) file_get_contents($file)) as $token) {
                $thrown = $token->is(T_THROW) || ($thrown && $token->text !== ';');
                if (! $thrown && $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && preg_match('/\p{L}{2,} \p{L}{2,}/u', $token->text) === 1) {
                    $said[] = basename($file) . ": {$token->text}";
                }
            }
        }
        self::assertSame([], $said);
    }

    public function testStrictTypesEverywhere(): void
    {
        foreach (self::files() as $file) {
            self::assertStringContainsString('declare(strict_types=1);', (string) file_get_contents($file), $file);
        }
    }

    /** Habit 13: a class above 90 code lines wants a hard look. These were looked at: a reader of every kind of value, tables, and the longest computations. */
    public function testSizes(): void
    {
        $known = ['Answers', 'AssessmentContext', 'AfterSteps', 'BeltStep', 'BuckleFront', 'CdcCharts', 'Changeover', 'InstallationCard', 'LimitTable', 'LockSteps', 'MovementRule', 'PlaceJudge', 'Report', 'RowWidths', 'SeatReady', 'Setup', 'Code', 'CompiledFields', 'Consistency', 'Field', 'JsonScanner', 'JsonText', 'LabelRuler', 'LockFinder', 'ModeJudge', 'MovementGauge', 'ReclineRule', 'Remedies', 'Rulebook', 'Schema', 'Teller', 'ValueReader', 'WhoStandards', 'Writer'];
        $large = [];
        foreach (self::files() as $file) {
            $lines = array_filter(explode("\n", (string) file_get_contents($file)), static fn(string $l): bool => preg_match('/^\s*(\/?\*|\/\/|use |namespace |declare|<\?php|$)/', $l) !== 1);
            if (count($lines) > 120) {
                $large[] = basename($file, '.php');
            }
        }
        self::assertSame([], array_values(array_diff($large, $known)));
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = [];
        foreach (['core', 'present'] as $ring) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/{$ring}", FilesystemIterator::SKIP_DOTS)) as $file) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }
}
