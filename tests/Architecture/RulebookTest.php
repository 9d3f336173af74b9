<?php

declare(strict_types=1);

namespace Tests\Architecture;

use InvalidArgumentException;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\InCar;
use MintBuckle\Core\Rules\Rule;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** The rulebook is the whole trade: every rule is listed, every code is found by a rule, and the map's comments tell the truth. */
final class RulebookTest extends TestCase
{
    public function testEveryRuleIsListedOnce(): void
    {
        $listed = array_values(array_filter(array_map(static fn(Rule $r): string => $r::class, self::rules()), static fn(string $c): bool => $c !== FactRule::class));
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

    public function testACodeBelongsToOneRule(): void
    {
        $owners = [];
        foreach (self::rules() as $rule) {
            foreach ($rule->finds() as $finds) {
                self::assertArrayNotHasKey("{$finds->code->value} {$finds->subject}", $owners, 'found by two');
                $owners["{$finds->code->value} {$finds->subject}"] = true;
            }
        }
        self::assertGreaterThan(110, count($owners));
    }

    public function testARuleFindsOnlyTheCodesItNames(): void
    {
        $all = array_map(static fn(Code $code): string => $code->value, Rulebook::current()->codes());
        foreach (self::rules() as $rule) {
            $source = (string) file_get_contents((string) (new ReflectionClass($rule))->getFileName());
            if ($rule instanceof FactRule) {
                continue;
            }
            $judging = (string) preg_replace('/function finds\(\): array\s*\{.*?\n    \}\n/s', '', $source, 1);
            preg_match_all("/'([a-z]+\.[a-z0-9_]+)'/", $judging, $named);
            $declared = array_unique(array_map(static fn(Finds $finds): string => $finds->code->value, $rule->finds()));
            self::assertEqualsCanonicalizing($declared, array_unique(array_intersect($named[1], $all)), $rule::class);
        }
    }

    public function testCodesAreWellFormed(): void
    {
        foreach (['Label.unreadable', 'label', 'label.', 'label.Un', 'seat.maker', "label.x\n", ''] as $wrong) {
            try {
                Code::of($wrong);
                self::fail($wrong);
            } catch (InvalidArgumentException $e) {
                self::assertSame("{$wrong} is no code", $e->getMessage());
            }
        }
        self::assertSame(Code::of('label.unreadable'), Code::of('label.unreadable'));
        $this->expectExceptionMessage('no rule finds label.colour');
        Rulebook::current()->finds(Code::of('label.colour'));
    }

    /** @return list<Rule> as they are written */
    private static function rules(): array
    {
        return array_map(static fn(Rule $rule): Rule => $rule instanceof InCar ? $rule->rule : $rule, Rulebook::current()->rules);
    }
}
