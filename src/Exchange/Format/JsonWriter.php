<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Exchange\Table\Table;
use Zumbo\App\Exchange\Table\Tables;

/**
 * The JSON form, a row a line: rows in the order of their ids, columns in the order of their table.
 */
final class JsonWriter
{
    private const FLAGS = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES;

    /**
     * @param array<string, string>                                                             $gym
     * @param callable(Table): iterable<array<string, string|int|float|bool|list<string>|null>> $rows
     *
     * @return iterable<string>
     */
    public static function parts(array $gym, callable $rows): iterable
    {
        yield \sprintf(
            "{\n\"format\": \"%s\",\n\"version\": %d,\n\"gym\": %s",
            JsonReader::FORMAT,
            JsonReader::VERSION,
            json_encode($gym, self::FLAGS),
        );
        foreach (Tables::all() as $table) {
            yield \sprintf(",\n\"%s\": [", $table->name);
            $between = "\n";
            foreach ($rows($table) as $row) {
                yield $between.json_encode($row, self::FLAGS);
                $between = ",\n";
            }
            yield ']';
        }
        yield "\n}\n";
    }
}
