<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;

/**
 * A spreadsheet may be a million rows long, and empty.
 */
final readonly class FirstCells implements IReadFilter
{
    public function __construct(private int $rows, private int $columns)
    {
    }

    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
    {
        return $row <= $this->rows && Coordinate::columnIndexFromString($columnAddress) <= $this->columns;
    }
}
