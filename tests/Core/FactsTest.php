<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\CaseFile\Schema;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\FactDefinition;
use MintBuckle\Core\Facts\Definition\FactDefinitions;
use MintBuckle\Core\Facts\Definition\Fields;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Finding\Station;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Every fact is defined once: what its declaration says reaches reader, schema, questionnaire and re-inspection; nothing is declared without its words. */
final class FactsTest extends TestCase
{
    public function testWhatIsAskedOrTypedHasWordsAndNothingElse(): void
    {
        $asked = array_keys(array_filter(self::facts(), static fn(FactDefinition $f): bool => $f->field->asked !== null));
        $typed = array_keys(array_filter(self::facts(), static fn(FactDefinition $f): bool => $f->field->manual !== null));
        /** @var array<string, array<string, mixed>|string> $words */
        $words = require dirname(__DIR__, 2) . '/lang/en/facts.php';
        $facts = array_filter($words, static fn(mixed $of, string $path): bool => is_array($of) && ! str_starts_with($path, 'own.'), ARRAY_FILTER_USE_BOTH);
        self::assertEqualsCanonicalizing($asked, array_keys(array_filter($facts, static fn(array $of): bool => isset($of['short'], $of['question']))));
        self::assertEqualsCanonicalizing($typed, array_keys(array_filter($facts, static fn(array $of): bool => isset($of['manual']))));
    }

    public function testEveryChoiceIsLabelled(): void
    {
        foreach (self::facts() as $path => $fact) {
            if ($fact->field->asked !== null && $fact->field->asked->from === null && $fact->field->cases() !== []) {
                foreach ($fact->field->cases() as $case) {
                    self::assertArrayHasKey("facts.{$path}.answers.{$case->value}", Told::lexicon('en')->file('facts'));
                }
            }
        }
    }

    public function testEveryFactSaysWhatItMeans(): void
    {
        $schema = Schema::ofCase();
        $definitions = $schema['$defs'];
        self::assertIsArray($definitions);
        foreach ([...$definitions, 'case' => $schema] as $name => $definition) {
            foreach (is_array($definition) && isset($definition['description']) && ! str_contains((string) $name, 'limit') && is_array($definition['properties'] ?? null) ? $definition['properties'] : [] as $key => $property) {
                if (! in_array($key, ['value', 'unit', 'format', 'version'], true)) {
                    self::assertMatchesRegularExpression('/^[A-Z].+\.$/', is_array($property) && is_string($property['description'] ?? null) ? $property['description'] : '', "{$name}.{$key}");
                }
            }
        }
    }

    public function testEveryLookIsShownByAFactAndDisturbedByAnother(): void
    {
        foreach (Look::cases() as $look) {
            $shown = array_keys(array_filter(self::facts(), static fn(FactDefinition $f): bool => in_array($look, $f->field->staleWith->looks ?? [], true)));
            $disturbed = array_keys(array_filter(self::facts(), static fn(FactDefinition $f): bool => in_array($look, $f->field->disturbs->looks ?? [], true)));
            self::assertNotSame([], $shown, $look->name);
            self::assertNotSame([], array_diff($disturbed, $shown), $look->name);
        }
    }

    /** @param array<string, mixed> $told */
    #[TestWith(['flag', ['type' => FieldType::Flag, 'kind' => AnswerKind::YesNo, 'asked' => true, 'ride' => null]])]
    #[TestWith(['halves', ['type' => FieldType::Number, 'kind' => AnswerKind::Share, 'asked' => true, 'ride' => null]])]
    #[TestWith(['locks', ['type' => FieldType::Choices, 'kind' => AnswerKind::Choices, 'asked' => false, 'ride' => Ride::Booster]])]
    #[TestWith(['many_words', ['type' => FieldType::Texts, 'kind' => AnswerKind::Texts, 'asked' => false, 'ride' => null]])]
    #[TestWith(['nested', ['type' => FieldType::Section, 'kind' => AnswerKind::Elsewhere, 'asked' => true, 'ride' => Ride::BeltOnly]])]
    public function testADeclarationTellsTypeAnswerAndRide(string $key, array $told): void
    {
        $field = Fields::of(Declared::class)[$key];
        self::assertSame($told, ['type' => $field->type, 'kind' => $field->answeredBy(), 'asked' => $field->asked !== null, 'ride' => $field->ride]);
    }

    public function testBelowASectionEveryFactIsOfItsRide(): void
    {
        $facts = FactDefinitions::below(Declared::class);
        self::assertSame(['flag', 'halves', 'locks', 'many_words', 'nested', 'nested.inner'], array_keys($facts));
        self::assertSame(Ride::BeltOnly, $facts['nested.inner']->ride);
        self::assertSame([Look::Straps, Look::Recline], $facts['flag']->field->staleWith?->looks);
        self::assertSame([Look::Ground], $facts['flag']->field->disturbs?->looks);
    }

    public function testALimitCanNotBeDeclaredWithoutItsUnits(): void
    {
        $this->expectExceptionMessage('limit is no limit');
        Fields::of(WithoutUnits::class)['limit']->units();
    }

    /** @return array<string, FactDefinition> */
    private static function facts(): array
    {
        return FactDefinitions::below(CaseFile::class);
    }
}

final readonly class Declared
{
    /**
     * @param list<Lock> $locks
     * @param list<string> $manyWords
     */
    public function __construct(
        #[Asked(Station::Label, 10), StaleWith(Look::Straps, Look::Recline), Disturbs(Look::Ground)]
        public ?bool $flag = null,
        #[Within(0, 3, halves: true), Asked(Station::Label, 20, as: AnswerKind::Share)]
        public ?\Brick\Math\BigDecimal $halves = null,
        #[ListOf(Lock::class), OfRide(Ride::Booster)]
        public array $locks = [],
        #[ListOf('string', max: 3)]
        public array $manyWords = [],
        #[Asked(Station::Label, 30, AskedWhen::Elsewhere)]
        public ?DeclaredWithin $nested = null,
    ) {}
}

#[OfRide(Ride::BeltOnly)]
final readonly class DeclaredWithin
{
    public function __construct(public ?int $inner = null) {}
}

final readonly class WithoutUnits
{
    public function __construct(public ?Limit $limit = null) {}
}
