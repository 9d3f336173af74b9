<?php

declare(strict_types=1);

namespace MintBuckle\Core\Schools;

use MintBuckle\Core\Catalogue\LimitText;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/**
 * What an organisation sets otherwise than the practice that it copied, each figure with its source. No figure goes beyond what some
 * school of the trade teaches (handbook, section 14) or the practice's floor: a looser one would call safe what nobody does.
 */
final readonly class OwnFigures
{
    /** Figures that can be set, in their order. */
    public const FIGURES = [
        PracticeFigure::Movement, PracticeFigure::Clip, PracticeFigure::AnchorsForward, PracticeFigure::AnchorsRear,
        PracticeFigure::NoTether, PracticeFigure::BoosterFrom, PracticeFigure::BoosterWeight,
    ];

    private const LONGEST_SOURCE = 160;

    /**
     * @param array<string, string> $figures what was typed, by figure; those that are set
     * @param array<string, string> $sources by figure
     * @param array<string, Message> $problems by figure
     */
    private function __construct(
        private PracticeCode $base,
        public array $figures,
        public array $sources,
        public array $problems,
    ) {}

    /**
     * @param array<array-key, mixed> $typed by figure: "20 mm", "under 25 mm", "60 months", "44 lb", "never"; nothing: as the practice says
     * @param array<array-key, mixed> $sources by figure
     */
    public static function read(PracticeCode $base, array $typed, array $sources): self
    {
        [$figures, $from, $problems] = [[], [], []];
        foreach (self::FIGURES as $figure) {
            $text = is_string($typed[$figure->value] ?? null) ? trim($typed[$figure->value]) : '';
            $source = is_string($sources[$figure->value] ?? null) ? trim($sources[$figure->value]) : '';
            if ($text === '') {
                continue;
            }
            $figures[$figure->value] = $text;
            $from[$figure->value] = $source;
            $problem = self::problem($figure, $text, $base) ?? match (true) {
                $source === '' => 'source_needed',
                mb_strlen($source) > self::LONGEST_SOURCE => 'source_long',
                default => null,
            };
            if ($problem !== null) {
                $problems[$figure->value] = new Message("own_practice.wrong.{$problem}", ['most' => self::farthest($figure, $base)]);
            }
        }

        return new self($base, $figures, $from, $problems);
    }

    /** @param string $name lower-case letters and digits */
    public function practice(string $name): RegionalPractice
    {
        $said = array_map(self::limit(...), $this->figures);
        $quantity = static fn(PracticeFigure $figure): ?Quantity => ($said[$figure->value] ?? null)['value'] ?? null;
        $length = static fn(PracticeFigure $figure): ?Length => ($q = $quantity($figure)) instanceof Length ? $q : null;
        $mass = static fn(PracticeFigure $figure): ?Mass => ($q = $quantity($figure)) instanceof Mass ? $q : null;
        $months = $quantity(PracticeFigure::BoosterFrom);

        return RegionalPractice::of($this->base)->changed(
            $name,
            movement: $length(PracticeFigure::Movement),
            movementInclusive: isset($said['movement']) ? ! $said['movement']['below'] : null,
            clipDistance: $length(PracticeFigure::Clip),
            boosterFrom: $months instanceof Months ? $months : null,
            boosterWeight: $mass(PracticeFigure::BoosterWeight),
            anchorsForward: $mass(PracticeFigure::AnchorsForward),
            anchorsRear: $mass(PracticeFigure::AnchorsRear),
            forwardWithoutTether: isset($this->figures['no_tether']) ? false : null,
            sources: $this->sources,
        );
    }

    /** What of a figure can be set at most, or, for a booster's floors, at least. */
    public static function farthest(PracticeFigure $figure, PracticeCode $base): ?Quantity
    {
        $practice = RegionalPractice::of($base);

        return match ($figure) {
            PracticeFigure::Movement => $practice->movement->value,
            // An inch and a half, as some teach.
            PracticeFigure::Clip => Length::of('1.5', LengthUnit::Inch),
            PracticeFigure::AnchorsForward => $practice->anchorsForward,
            PracticeFigure::AnchorsRear => $practice->anchorsRear,
            PracticeFigure::BoosterFrom => $practice->boosterFrom,
            PracticeFigure::BoosterWeight => $practice->boosterWeight,
            PracticeFigure::NoTether, PracticeFigure::Accepted => null,
        };
    }

    /** @return string|null what is wrong with it */
    private static function problem(PracticeFigure $figure, string $text, PracticeCode $base): ?string
    {
        $isFloor = in_array($figure, [PracticeFigure::BoosterFrom, PracticeFigure::BoosterWeight], true);
        $limit = self::limit($text, $figure->value);
        $farthest = self::farthest($figure, $base);
        $beyond = $limit === null || $farthest === null ? 0 : $limit['value']->compareTo($farthest);
        // A practice that speaks of less than its figure is not met by one that allows the figure itself.
        $reaches = $figure === PracticeFigure::Movement && $beyond === 0 && ! RegionalPractice::of($base)->movement->inclusive
            && $limit !== null && ! $limit['below'];

        return match (true) {
            $figure === PracticeFigure::NoTether => $text === 'never' ? null : 'unreadable',
            $limit === null || ($limit['below'] && $figure !== PracticeFigure::Movement) => 'unreadable',
            in_array($figure, [PracticeFigure::AnchorsForward, PracticeFigure::AnchorsRear], true) && $farthest === null => 'label_only',
            $isFloor ? $beyond < 0 : $beyond > 0 || $reaches => $isFloor ? 'below_floor' : 'beyond',
            default => null,
        };
    }

    /** @return array{value: Length|Mass|Months, below: bool}|null */
    private static function limit(string $text, string $figure = ''): ?array
    {
        foreach ([LimitText::LENGTH, LimitText::MASS, LimitText::AGE] as $units) {
            $read = LimitText::parse($text, $units);
            $entry = is_int($read) ? ['value' => $read] : $read;
            if (! is_array($entry) || array_is_list($entry) || ! is_numeric($entry['value'] ?? null)) {
                continue;
            }
            $value = (string) $entry['value'];
            $unit = is_string($entry['unit'] ?? null) ? $entry['unit'] : '';

            return self::fits($units, $figure) ? [
                'value' => match ($units) {
                    LimitText::LENGTH => Length::of($value, LengthUnit::from($unit)),
                    LimitText::MASS => Mass::of($value, MassUnit::from($unit)),
                    default => Months::of((int) $value),
                },
                'below' => ($entry['below'] ?? false) === true,
            ] : null;
        }

        return null;
    }

    /** @param list<string> $units */
    private static function fits(array $units, string $figure): bool
    {
        return match ($figure) {
            'movement', 'clip' => $units === LimitText::LENGTH,
            'anchors_forward', 'anchors_rear', 'booster_weight' => $units === LimitText::MASS,
            'booster_from' => $units === LimitText::AGE,
            default => true,
        };
    }
}
