<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Rhythm\EventCsv;
use Zumbo\Core\Rhythm\EventCsvError;
use Zumbo\Core\Rhythm\Take;

final class EventCsvTest extends TestCase
{
    public function testWritesARowForEachEventInTime(): void
    {
        $csv = implode('', iterator_to_array(self::lines(Take::of([0.4, 1.25], [0.1, 0.75, 1.5])), false));
        self::assertSame(
            "time_s,channel\r\n0.1000,land\r\n0.4000,turn\r\n0.7500,land\r\n1.2500,turn\r\n1.5000,land\r\n",
            $csv,
        );
        self::assertEquals(Take::of([0.4, 1.25], [0.1, 0.75, 1.5]), EventCsv::read($csv));
    }

    public function testReadsWhatOthersWrite(): void
    {
        self::assertEquals(
            Take::of([1.5], [1.0, 2.0]),
            EventCsv::read("\xEF\xBB\xBF\"time_s\",\"channel\"\n1,land\n1.5, turn\n\n2.0,\"land\"\n"),
        );
    }

    #[DataProvider('bad')]
    public function testNamesTheLine(string $csv, int $line, string $accepted): void
    {
        try {
            EventCsv::read($csv);
        } catch (EventCsvError $e) {
            self::assertSame($line, $e->atLine);
            self::assertStringContainsString($accepted, $e->getMessage());

            return;
        }
        self::fail('read');
    }

    /**
     * @return iterable<string, array{string, int, string}>
     */
    public static function bad(): iterable
    {
        yield 'empty' => ['', 1, 'the columns time_s,channel'];
        yield 'other columns' => ["t,c\n1,turn\n", 1, 'the columns time_s,channel'];
        yield 'no number' => ["time_s,channel\n1,turn\nsoon,turn\n", 3, 'seconds from 0'];
        yield 'negative' => ["time_s,channel\n-1,turn\n", 2, 'seconds from 0'];
        yield 'endless' => ["time_s,channel\n1e999,turn\n", 2, 'seconds from 0'];
        yield 'other channel' => ["time_s,channel\n1,hop\n", 2, 'turn or land'];
        yield 'a cell too many' => ["time_s,channel\n1,turn,2\n", 2, 'turn or land'];
        yield 'backwards' => ["time_s,channel\n2,turn\n1,land\n", 3, 'later than the one before'];
        yield 'twice' => ["time_s,channel\n2,turn\n2,turn\n", 3, 'later than the one before'];
    }

    /**
     * @return \Generator<string>
     */
    private static function lines(Take $take): \Generator
    {
        yield from EventCsv::lines($take);
    }
}
