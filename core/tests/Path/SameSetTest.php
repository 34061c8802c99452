<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Path\SameSet;
use Zumbo\Core\Path\WrittenEntry;

/**
 * Two coaches and one floor (common practice, no published source): what both wrote down is asked about, what one wrote
 * twice is not, for athletes do repeat themselves.
 */
final class SameSetTest extends TestCase
{
    public function testTwoHandsWithinThreeMinutesAreAskedAbout(): void
    {
        self::assertSame(['b' => 'a'], $this->pairs(['a', 'Anke', 'rungs 23 miss', 0], ['b', 'Maren', 'rungs 23 miss', 170]));
        self::assertSame([], $this->pairs(['a', 'Anke', 'rungs 23 miss', 0], ['b', 'Maren', 'rungs 23 miss', 190]));
    }

    public function testOneHandAnUnknownHandOrAnotherCountAreNot(): void
    {
        self::assertSame([], $this->pairs(['a', 'Anke', '23', 0], ['b', 'Anke', '23', 60]));
        self::assertSame([], $this->pairs(['a', '', '23', 0], ['b', 'Maren', '23', 60]));
        self::assertSame([], $this->pairs(['a', 'Anke', '23', 0], ['b', 'Maren', '24', 60]));
    }

    public function testWhatSomebodyKeptIsNotAskedAboutAgain(): void
    {
        self::assertSame([], SameSet::pairs([
            new WrittenEntry('a', 'Anke', '23', 0),
            new WrittenEntry('b', 'Maren', '23', 40, true),
        ]));
    }

    /** Three sets by each, all alike: three pairs, not nine. */
    public function testEachEntryIsInOnePairAtMost(): void
    {
        self::assertSame(
            ['b' => 'a', 'd' => 'c'],
            $this->pairs(
                ['a', 'Anke', '20', 0],
                ['b', 'Maren', '20', 20],
                ['c', 'Anke', '20', 100],
                ['d', 'Maren', '20', 130],
                ['e', 'Anke', '20', 900],
            ),
        );
    }

    /**
     * @param array{string, string, string, int} ...$entries
     *
     * @return array<string, string>
     */
    private function pairs(array ...$entries): array
    {
        return SameSet::pairs(array_map(static fn (array $one): WrittenEntry => new WrittenEntry(...$one), array_values($entries)));
    }
}
