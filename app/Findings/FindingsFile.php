<?php

declare(strict_types=1);

namespace App\Findings;

use App\Files\Csv;
use App\Words\Telling;
use MintBuckle\Core\Report\Figures;
use MintBuckle\Core\Report\FigureTable;
use MintBuckle\Core\Report\Report;
use MintBuckle\Core\Report\WholeFives;

/** The same figures as CSV per RFC 4180, one a line: in which table, of what, which column, how many. */
final readonly class FindingsFile
{
    private const HEADER = ['table', 'key', 'name', 'figure', 'value'];

    /** What stands for a figure that is not told. */
    public const NOT_TOLD = 'under ' . WholeFives::STEP;

    public static function of(Figures $figures): string
    {
        $out = fopen('php://temp', 'w+b');
        assert($out !== false);
        Csv::write($out, self::HEADER);
        foreach (Report::of($figures) as $table) {
            foreach ($table->rows as $row) {
                foreach ($table->columns as $column) {
                    $value = $row->cells[$column];
                    $isShare = in_array($column, FigureTable::SHARES, true);
                    if ($value !== null || ! $isShare) {
                        Csv::write($out, [
                            $table->key, $row->key, Telling::now()->says($row->name), $column, (string) ($value ?? self::NOT_TOLD),
                        ]);
                    }
                }
            }
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }
}
