<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Zumbo\App\Exchange\Table\Column;
use Zumbo\App\Exchange\Table\StaysHere;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Tests\RealServices;

/**
 * Everything that is kept travels, or stands among the exceptions with its reason.
 */
final class TravelsTest extends KernelTestCase
{
    use RealServices;

    public function testEveryTableAndColumnTravelsOrStaysForAReason(): void
    {
        $kept = self::service(Connection::class)->fetchAllAssociative(
            'SELECT table_name AS t, column_name AS c FROM information_schema.columns WHERE table_schema = DATABASE()',
        );
        self::assertGreaterThan(100, \count($kept));
        $forgotten = [];
        foreach ($kept as ['t' => $table, 'c' => $column]) {
            \assert(\is_string($table) && \is_string($column));
            if (!isset(StaysHere::TABLES[$table]) && !StaysHere::hasColumn($table, $column) && !self::travels($table, $column)) {
                $forgotten[] = "$table.$column";
            }
        }
        self::assertSame([], $forgotten);
    }

    public function testNoExceptionIsOfSomethingThatIsGone(): void
    {
        $tables = self::service(Connection::class)->fetchFirstColumn(
            'SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()',
        );
        self::assertSame([], array_diff(array_keys(StaysHere::TABLES), $tables));
        $travel = array_map(static fn ($table): string => $table->sqlTable, Tables::all());
        self::assertSame([], array_intersect(array_keys(StaysHere::TABLES), $travel));
    }

    public function testThePageNamesWhatStays(): void
    {
        $page = (string) file_get_contents(__DIR__.'/../../docs/formats.md');
        foreach (StaysHere::TABLES + StaysHere::COLUMNS as $name => $why) {
            self::assertStringContainsString("| `$name` | $why |", $page);
        }
    }

    private static function travels(string $sqlTable, string $sqlColumn): bool
    {
        foreach (Tables::all() as $table) {
            $names = array_map(static fn (Column $column): string => $table->sqlNameOf($column), $table->columns);
            if ($table->sqlTable === $sqlTable && \in_array($sqlColumn, $names, true)) {
                return true;
            }
        }

        return false;
    }
}
