<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Event files of a rope and floor sensor: CSV (RFC 4180) with the columns time_s and channel, `turn` or `land`; a row
 * for each event, in time (docs/formats.md).
 */
final class EventCsv
{
    private const HEAD = ['time_s', 'channel'];
    private const TURN = 'turn';
    private const LAND = 'land';
    private const ROW = 'seconds from 0, then turn or land, like 1.234,turn';
    private const TIME = '/^\d{1,6}(\.\d{1,9})?$/';
    private const MOST_LINES = 40_001;

    /**
     * @throws EventCsvError naming the line
     * @throws OutOfRange    when there are more than a take may hold
     */
    public static function read(string $csv): Take
    {
        // A byte order mark is what some tables begin with.
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", (string) preg_replace('/^\xEF\xBB\xBF/', '', $csv)));
        if (self::HEAD !== array_map(self::cell(...), str_getcsv(array_shift($lines), ',', '"', ''))) {
            throw EventCsvError::at(1, explode("\n", $csv)[0], 'the columns time_s,channel');
        }
        if (\count($lines) > self::MOST_LINES) {
            throw EventCsvError::at(self::MOST_LINES, '', 'at most '.(self::MOST_LINES - 1).' events');
        }
        $times = [self::TURN => [], self::LAND => []];
        $before = 0.0;
        foreach ($lines as $i => $line) {
            if ('' === trim($line)) {
                continue;
            }
            $row = array_map(self::cell(...), str_getcsv($line, ',', '"', ''));
            if (2 !== \count($row) || 1 !== preg_match(self::TIME, $row[0]) || !isset($times[$row[1]])) {
                throw EventCsvError::at($i + 2, $line, self::ROW);
            }
            $at = (float) $row[0];
            $last = end($times[$row[1]]);
            if ($at < $before || (false !== $last && $at <= $last)) {
                throw EventCsvError::at($i + 2, $line, 'each event later than the one before');
            }
            $times[$row[1]][] = $before = $at;
        }

        return Take::of($times[self::TURN], $times[self::LAND]);
    }

    /**
     * @return iterable<string> lines
     */
    public static function lines(Take $take): iterable
    {
        yield implode(',', self::HEAD)."\r\n";
        $events = [
            ...array_map(static fn (float $at): array => [$at, self::TURN], $take->turnsS),
            ...array_map(static fn (float $at): array => [$at, self::LAND], $take->landingsS),
        ];
        usort($events, static fn (array $a, array $b): int => $a <=> $b);
        foreach ($events as [$at, $channel]) {
            yield \sprintf("%.4F,%s\r\n", $at, $channel);
        }
    }

    private static function cell(?string $cell): string
    {
        return trim((string) $cell);
    }
}
