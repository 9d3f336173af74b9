<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Calculators\CalculatorField;
use App\Checks\JudgedCheck;
use App\Models\Check;
use App\Units;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Finding\Question;

/** What the check needs of a seat that the catalogue does not know, in one go from its label and its manual. */
final readonly class ManualPage
{
    /** So many fields are a phone's worth; what comes after them is asked in its turn. */
    private const MOST = 10;

    /** Seen on the seat itself, not read from label or manual. */
    private const SEEN = '/\Aseat\.(history\.|label_readable\z|registered\z|remedied\z)/';

    public Check $check;

    /** @var list<CalculatorField> */
    public array $fields;

    /**
     * @param array<array-key, array<array-key, mixed>> $typed by path
     * @param array<array-key, string> $problems by path
     */
    public function __construct(JudgedCheck $judged, public Units $units, array $typed = [], public array $problems = [])
    {
        $this->check = $judged->check;
        $case = $judged->folded->case;
        $fields = [];
        foreach (self::needed($judged) as $path) {
            $askable = Questionnaire::standard()->for($path);
            if ($askable !== null) {
                $fields[] = new CalculatorField($askable, $path, $askable->choices($case), $typed[$path] ?? [], $problems[$path] ?? null);
            }
        }
        $this->fields = $fields;
    }

    /** @return list<string> paths, in the order in which they are asked */
    public static function needed(JudgedCheck $judged): array
    {
        $asked = array_filter(
            array_map(static fn(Question $q): string => $q->path, $judged->assessment->questions),
            static fn(string $path): bool => str_starts_with($path, 'seat.') && preg_match(self::SEEN, $path) !== 1,
        );
        $order = static fn(string $path): array => [
            Questionnaire::standard()->for($path)?->station->rank(),
            Questionnaire::standard()->for($path)?->order,
        ];
        usort($asked, static fn(string $a, string $b): int => $order($a) <=> $order($b));

        return array_slice($asked, 0, self::MOST);
    }
}
