<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Compare;

use Zumbo\App\Exchange\Format\CsvReader;
use Zumbo\App\Exchange\Format\JsonReader;
use Zumbo\App\Exchange\Format\UnreadableFile;
use Zumbo\App\Exchange\Import\ImportRequest;
use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\RowError;

/**
 * A file that came in, read row by row from its beginning each time it is gone through.
 *
 * @implements \IteratorAggregate<int, IncomingRow|RowError>
 */
final readonly class WaitingFile implements \IteratorAggregate
{
    public const MOST_ROWS = 1_000_000;

    /**
     * @param \Closure(): resource $open
     */
    public function __construct(private \Closure $open, private string $format)
    {
    }

    /**
     * @return \Generator<int, IncomingRow|RowError>
     *
     * @throws UnreadableFile where not even the rows can be told, or there are too many
     */
    public function getIterator(): \Generator
    {
        $stream = ($this->open)();
        $count = 0;
        try {
            $csv = ImportRequest::CSV === $this->format;
            foreach ($csv ? CsvReader::read($stream) : JsonReader::read($stream) as $row) {
                if (++$count > self::MOST_ROWS) {
                    throw UnreadableFile::because(
                        'file',
                        'rows',
                        'more than '.self::MOST_ROWS,
                        'at most '.self::MOST_ROWS.' rows in one file; part it by athletes',
                    );
                }
                yield $row;
            }
        } finally {
            fclose($stream);
        }
    }
}
