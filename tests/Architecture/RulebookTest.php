<?php

declare(strict_types=1);

namespace Tests\Architecture;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\Rule;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** The rulebook is the whole trade: every rule is listed, every code is found by a rule, and the map's comments tell the truth. */
final class RulebookTest extends TestCase
{
    /** Found by the seating planner and the car view only. */
    private const ELSEWHERE = [Code::PlaceTooWide];

    public function testEveryRuleIsListedOnce(): void
    {
        $listed = array_values(array_filter(array_map(static fn(Rule $r): string => $r::class, Rulebook::current()->rules), static fn(string $c): bool => $c !== FactRule::class));
        $written = [];
        foreach (glob(dirname(__DIR__, 2) . '/core/Rules/*/*.php') ?: [] as $file) {
            $class = 'MintBuckle\\Core\\Rules\\' . basename(dirname($file)) . '\\' . basename($file, '.php');
            assert(class_exists($class));
            if (in_array(Rule::class, (new ReflectionClass($class))->getInterfaceNames(), true)) {
                $written[] = $class;
            }
        }
        self::assertEqualsCanonicalizing($written, $listed);
    }

    public function testEveryCodeIsFoundBySomeRule(): void
    {
        $found = array_merge(...array_map(static fn(Rule $r): array => $r->codes(), Rulebook::current()->rules));
        $missing = array_udiff(Code::cases(), [...$found, ...self::ELSEWHERE], static fn(Code $a, Code $b): int => strcmp($a->value, $b->value));
        self::assertSame([], array_values($missing));
    }

    public function testARuleFindsOnlyTheCodesItNames(): void
    {
        foreach (glob(dirname(__DIR__, 2) . '/core/Rules/*/*Rule.php') ?: [] as $file) {
            $source = (string) file_get_contents($file);
            preg_match('/function codes\(\): array\s*\{\s*return \[(.*?)\];/s', $source, $named);
            preg_match_all('/\bCode::(\w+)/', $source, $used);
            preg_match_all('/\bCode::(\w+)/', $named[1] ?? '', $declared);
            self::assertEqualsCanonicalizing(array_unique($declared[1]), array_unique($used[1]), basename($file));
        }
    }

    public function testCodesAreWellFormed(): void
    {
        foreach (Code::cases() as $code) {
            self::assertMatchesRegularExpression('/^[a-z]+\.[a-z0-9_]+$/', $code->value);
            self::assertSame(str_replace(['.', '_'], '', $code->value), strtolower($code->name));
        }
    }
}
