<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

/** A table of figures: what is drawn as a chart, printed and written to a file is read from it. */
final readonly class FigureTable
{
    /** Columns that tell a share in a hundred; the others count. */
    public const SHARES = ['share', 'put_right_share', 'expected'];

    /**
     * @param list<string> $columns
     * @param list<FigureRow> $rows
     * @param list<string> $charted columns that are drawn as bars; none: it is no chart
     */
    public function __construct(public string $key, public array $columns, public array $rows, public array $charted = []) {}
}
