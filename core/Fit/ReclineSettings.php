<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\ReclineRow;
use MintBuckle\Core\Truth\Truth;

/** The recline settings that a mode allows this child: any row that names the setting and covers the weight allows it. */
final readonly class ReclineSettings
{
    /** @param list<array{list<int>, Truth, list<string>}> $rows settings, whether the row covers the weight, and what would tell */
    private function __construct(private array $rows) {}

    /** Of the mode in use, or of another one of the seat. */
    public static function of(AssessmentContext $s, ?ModeName $mode = null): self
    {
        $rules = $mode === null ? $s->modeRules : $s->seat->modes[$mode->value] ?? null;

        return new self(array_map(
            static fn(ReclineRow $row): array => [$row->settings, ...self::covers($s, $row)],
            ($rules ?? new Mode())->recline,
        ));
    }

    /** A setting that no row names is refused whatever the weight. */
    public function allows(int $setting): Truth
    {
        $naming = array_filter($this->rows, static fn(array $row): bool => in_array($setting, $row[0], true));

        return Truth::any(...array_column($naming, 1));
    }

    /** @return list<int> settings known to be right for this child, lowest first */
    public function allowed(): array
    {
        $covering = array_filter($this->rows, static fn(array $row): bool => $row[1] === Truth::Yes);
        $settings = array_values(array_unique(array_merge([], ...array_column($covering, 0))));
        sort($settings);

        return $settings;
    }

    /**
     * What would tell which rows cover the child's weight.
     *
     * @param int|null $setting only of rows that name it
     * @return list<string>
     */
    public function missing(?int $setting = null): array
    {
        $rows = array_filter($this->rows, static fn(array $row): bool => $setting === null || in_array($setting, $row[0], true));

        return array_values(array_unique(array_merge([], ...array_column($rows, 2))));
    }

    /** @return array{Truth, list<string>} */
    private static function covers(AssessmentContext $s, ReclineRow $row): array
    {
        $weight = $s->child->weight;
        $min = $row->weightMin?->asMinimum($s->madeOn(), $s->heldForLimits());
        $max = $row->weightMax?->asMaximum($s->madeOn(), $s->heldForLimits());
        $isForAnyWeight = $min?->isAbsent() !== false && $max?->isAbsent() !== false;
        $missing = [...$min->missing ?? [], ...$max->missing ?? []];

        return match (true) {
            $isForAnyWeight || ($weight === null && $s->isUnborn()) => [Truth::Yes, []],
            $weight === null => [Truth::Unknown, ['child.weight']],
            $min?->brokenAsMinimum($weight) !== null || $max?->brokenAsMaximum($weight) !== null => [Truth::No, []],
            $missing !== [] => [Truth::Unknown, $missing],
            default => [Truth::Yes, []],
        };
    }
}
