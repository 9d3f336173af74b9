<?php

declare(strict_types=1);

namespace MintBuckle\Core\Schools;

use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Practice\RegionalPractice;

/** A figure of a practice beside that of another, each with its source. */
final readonly class FigurePair
{
    /**
     * @param PracticeFigure $figure which one
     * @param list<Citation> $hereSources
     * @param list<Citation> $thereSources
     */
    private function __construct(
        public PracticeFigure $figure,
        public RegionalPractice $here,
        public RegionalPractice $there,
        public array $hereSources,
        public array $thereSources,
    ) {}

    /** @return list<self> those in which two practices differ */
    public static function differing(RegionalPractice $here, RegionalPractice $there): array
    {
        $pairs = [];
        foreach (PracticeFigure::cases() as $figure) {
            if ($figure->of($here) !== $figure->of($there)) {
                $pairs[] = new self($figure, $here, $there, $figure->sources($here), $figure->sources($there));
            }
        }

        return $pairs;
    }
}
