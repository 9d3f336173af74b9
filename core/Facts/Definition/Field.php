<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use BackedEnum;
use Brick\Math\BigDecimal;
use LogicException;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Unit;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionProperty;
use UnitEnum;

/** One property of a class of facts as its declaration defines it: key and shape in the case file, and what is known about it. */
final readonly class Field
{
    private const TYPES = [
        'bool' => FieldType::Flag,
        'int' => FieldType::Whole,
        'string' => FieldType::Text,
        BigDecimal::class => FieldType::Number,
        Months::class => FieldType::Months,
        Length::class => FieldType::Length,
        Mass::class => FieldType::Mass,
        Angle::class => FieldType::Angle,
        CalendarDate::class => FieldType::Date,
        PartialDate::class => FieldType::PartialDate,
    ];

    /**
     * @param string $key in the case file
     * @param class-string|null $of the enum, the units or the section's class that the type speaks of
     * @param bool $isRequired whether the file is refused without it
     */
    public function __construct(
        public string $property,
        public string $key,
        public FieldType $type,
        public ?string $of = null,
        public bool $isRequired = false,
        public ?Within $within = null,
        public ?ListOf $listOf = null,
        public ?MapOf $mapOf = null,
        public ?Like $like = null,
        public ?Asked $asked = null,
        public ?FromManual $manual = null,
        public ?StaleWith $staleWith = null,
        public ?Disturbs $disturbs = null,
        public ?Ride $ride = null,
        public ?GoodWhen $good = null,
    ) {}

    public static function of(ReflectionParameter $parameter, ReflectionProperty $property): self
    {
        $given = [];
        foreach ($property->getAttributes() as $attribute) {
            $given[$attribute->getName()] = $attribute->newInstance();
        }
        $list = self::instance($given, ListOf::class);
        $map = self::instance($given, MapOf::class);
        $limit = self::instance($given, LimitIn::class);
        $type = $property->getType();
        assert($type instanceof ReflectionNamedType);
        [$kind, $of] = match (true) {
            $list !== null => self::listed($list->of),
            $map !== null => [FieldType::Map, $map->of],
            $limit !== null => [FieldType::Limit, $limit->units],
            default => self::plain($type->getName()),
        };

        return new self(
            $property->getName(),
            self::keyOf($property->getName()),
            $kind,
            $of,
            ! $parameter->isDefaultValueAvailable(),
            self::instance($given, Within::class),
            $list,
            $map,
            self::instance($given, Like::class),
            self::instance($given, Asked::class),
            self::instance($given, FromManual::class),
            self::instance($given, StaleWith::class),
            self::instance($given, Disturbs::class),
            self::instance($given, OfRide::class)->ride ?? self::rideOf($of),
            self::instance($given, GoodWhen::class),
        );
    }

    /** A property's name as the case file writes it. */
    public static function keyOf(string $property): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '_', $property));
    }

    /**
     * The cases of the enum that the field holds one or several of.
     *
     * @return list<BackedEnum>
     */
    public function cases(): array
    {
        return $this->type === FieldType::Choice || $this->type === FieldType::Choices ? $this->enum()::cases() : [];
    }

    /** @return class-string<BackedEnum> */
    public function enum(): string
    {
        return $this->of !== null && is_subclass_of($this->of, BackedEnum::class)
            ? $this->of
            : throw new LogicException("{$this->key} is no choice");
    }

    /** @return class-string<Unit> */
    public function units(): string
    {
        return $this->of !== null && is_subclass_of($this->of, Unit::class)
            ? $this->of
            : throw new LogicException("{$this->key} is no limit");
    }

    public function holdsSections(): bool
    {
        return in_array($this->type, [FieldType::Section, FieldType::Sections, FieldType::Map], true);
    }

    /** @return class-string of facts */
    public function section(): string
    {
        return $this->of ?? throw new LogicException("{$this->key} is no section");
    }

    /** How a person answers it. */
    public function answeredBy(): AnswerKind
    {
        return $this->asked->as ?? match (true) {
            $this->asked?->when === AskedWhen::Elsewhere => AnswerKind::Elsewhere,
            default => $this->answeredByType(),
        };
    }

    private function answeredByType(): AnswerKind
    {
        return match ($this->type) {
            FieldType::Flag => AnswerKind::YesNo,
            FieldType::Whole, FieldType::Number => AnswerKind::Whole,
            FieldType::Length => AnswerKind::Length,
            FieldType::Mass => AnswerKind::Mass,
            FieldType::Angle => AnswerKind::Angle,
            FieldType::Date => AnswerKind::Date,
            FieldType::PartialDate => AnswerKind::PartialDate,
            FieldType::Text => AnswerKind::Text,
            FieldType::Texts => AnswerKind::Texts,
            FieldType::Choice => AnswerKind::Choice,
            FieldType::Choices => AnswerKind::Choices,
            FieldType::Limit => match ($this->of) {
                MassUnit::class => AnswerKind::Mass,
                AngleUnit::class => AnswerKind::Angle,
                default => AnswerKind::Length,
            },
            default => throw new LogicException("{$this->key}: its declaration must say how it is answered"),
        };
    }

    /** @return array{FieldType, class-string|null} */
    private static function plain(string $type): array
    {
        return match (true) {
            isset(self::TYPES[$type]) => [self::TYPES[$type], null],
            is_subclass_of($type, UnitEnum::class) => [FieldType::Choice, $type],
            class_exists($type) => [FieldType::Section, $type],
            default => throw new LogicException("no fact is a {$type}"),
        };
    }

    /**
     * @param class-string|'string'|'int' $of
     * @return array{FieldType, class-string|null}
     */
    private static function listed(string $of): array
    {
        return match (true) {
            $of === 'string' => [FieldType::Texts, null],
            $of === 'int' => [FieldType::Wholes, null],
            is_subclass_of($of, UnitEnum::class) => [FieldType::Choices, $of],
            default => [FieldType::Sections, $of],
        };
    }

    /** @param class-string|null $class of a section that there is in one way of riding alone */
    private static function rideOf(?string $class): ?Ride
    {
        $attribute = $class === null ? null : (new ReflectionClass($class))->getAttributes(OfRide::class)[0] ?? null;

        return $attribute?->newInstance()->ride;
    }

    /**
     * @template T of object
     * @param array<string, object> $given
     * @param class-string<T> $class
     * @return T|null
     */
    private static function instance(array $given, string $class): ?object
    {
        $found = $given[$class] ?? null;

        return $found instanceof $class ? $found : null;
    }
}
