<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Measure\UnreadableLength;

/**
 * Stock as it is typed: lengths parted by a comma and a space, by a semicolon or by "and", each with how many there are
 * ("30 m, 3.05 m x 4"); without it as many as are needed.
 */
final class StockNotation
{
    public const ACCEPTED = 'lengths like "30 m, 3.05 m x 4", at most 4 different ones';

    private const MOST = 4;

    /**
     * @return non-empty-list<Stock>
     *
     * @throws UnreadableLength when one of them is no length
     * @throws OutOfRange       when one is outside 1 to 500 m, there are none of it, or there are more than four
     */
    public static function read(string $typed): array
    {
        $parts = preg_split('/\s*(?:;|,\s|\band\b)\s*/u', trim($typed));
        if (false === $parts || [] === $parts) {
            throw UnreadableLength::because($typed, 'it is not UTF-8');
        }
        if (\count($parts) > self::MOST) {
            throw OutOfRange::of('stock', \count($parts).' lengths', self::ACCEPTED);
        }

        return array_map(self::one(...), $parts);
    }

    private static function one(string $typed): Stock
    {
        preg_match('/^(?<length>.*?)(?:\s*[x×]\s*(?<pieces>\d{1,4}))?$/u', $typed, $found);

        return Stock::of(
            LengthParser::parse($found['length'] ?? '', Quantity::Stock->range())->metres(),
            (int) ($found['pieces'] ?? Stock::PLENTY),
        );
    }
}
