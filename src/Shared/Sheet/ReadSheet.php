<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Reader\IReader;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Worksheet\Row;
use Symfony\Component\Filesystem\Filesystem;
use Zumbo\Core\Roster\Sheet;

/**
 * Reads the list that a coach brings: text as it was pasted, a CSV file, or a spreadsheet's first sheet.
 */
final class ReadSheet
{
    public const TEXT = 'text/plain';
    public const CSV = 'text/csv';
    public const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
    public const ODS = 'application/vnd.oasis.opendocument.spreadsheet';

    /** More than a gym has athletes, or than they try in a year. */
    public const MOST_ROWS = 5_000;

    /** A spreadsheet is packed: so much may come out of it. */
    private const MOST_UNPACKED_BYTES = 60_000_000;
    private const MOST_COLUMNS = 40;

    /**
     * @param bool $hasHeights as Sheet::ofText() takes it
     *
     * @throws SheetRefused when it can't be read
     */
    public static function of(string $content, string $type, bool $hasHeights = false): Sheet
    {
        if ('' === $content) {
            throw SheetRefused::because(422, 'Bad input', 'There is nothing in it: paste a list, or choose a file with rows.');
        }
        $sheet = match ($type) {
            self::TEXT, self::CSV => Sheet::ofText(self::utf8($content), $hasHeights),
            self::XLSX => self::spreadsheet($content, new Xlsx()),
            self::ODS => self::spreadsheet($content, new Ods()),
            default => throw SheetRefused::because(415, 'Wrong type', 'A list comes as text, CSV, xlsx or ods.'),
        };
        $rows = \count($sheet->rows);

        return $rows <= self::MOST_ROWS
            ? $sheet
            : throw SheetRefused::because(413, 'Too large', \sprintf('A list of %d lines: at most %d at once.', $rows, self::MOST_ROWS));
    }

    /** Spreadsheet programs also write UTF-16, and Windows-1252 where they think nobody reads anything else. */
    private static function utf8(string $content): string
    {
        $wide = ["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'][substr($content, 0, 2)] ?? null;
        $from = $wide ?? (mb_check_encoding($content, 'UTF-8') ? 'UTF-8' : 'Windows-1252');

        return mb_convert_encoding($content, 'UTF-8', $from);
    }

    private static function spreadsheet(string $content, IReader $reader): Sheet
    {
        $files = new Filesystem();
        $path = $files->tempnam(sys_get_temp_dir(), 'zumbo-list');
        try {
            $files->dumpFile($path, $content);
            self::needNoBomb($path);
            $reader->setReadFilter(new FirstCells(self::MOST_ROWS + 1, self::MOST_COLUMNS));
            $reader->setAllowExternalImages(false);
            $book = $reader->load($path, IReader::IGNORE_EMPTY_CELLS | IReader::IGNORE_ROWS_WITH_NO_CELLS);
            $rows = [];
            foreach ($book->getSheet(0)->getRowIterator() as $line => $row) {
                $rows[$line] = self::cells($row);
            }

            return Sheet::ofRows($rows);
        } catch (SpreadsheetException|\ValueError) {
            throw SheetRefused::because(422, 'Bad input', 'This is no spreadsheet that can be read: save it as xlsx, ods or CSV.');
        } finally {
            $files->remove($path);
        }
    }

    /**
     * @return list<string>
     */
    private static function cells(Row $row): array
    {
        $cells = [];
        foreach ($row->getCellIterator() as $cell) {
            $cells[] = self::text($cell);
        }

        return $cells;
    }

    /** What stands in a cell, never worked out anew: a formula could ask the network. */
    private static function text(Cell $cell): string
    {
        $value = DataType::TYPE_FORMULA === $cell->getDataType() ? $cell->getOldCalculatedValue() : $cell->getValue();
        if (is_numeric($value) && Date::isDateTime($cell)) {
            return Date::excelToDateTimeObject((float) $value)->format('Y-m-d');
        }

        return match (true) {
            \is_float($value) => (string) round($value, 6),
            \is_scalar($value) || $value instanceof \Stringable => mb_strimwidth((string) $value, 0, 1000),
            default => '',
        };
    }

    private static function needNoBomb(string $path): void
    {
        $zip = new \ZipArchive();
        $bytes = 0;
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw new SpreadsheetException('no archive');
        }
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $bytes += $zip->statIndex($i)['size'] ?? 0;
        }
        $zip->close();
        if ($bytes > self::MOST_UNPACKED_BYTES) {
            throw SheetRefused::because(413, 'Too large', 'The spreadsheet holds too much: keep the list alone in it.');
        }
    }
}
