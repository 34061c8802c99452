<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\BestSoFar;
use Zumbo\Core\Path\EntryQuestion;

/**
 * Slips of wet fingers against good evenings (common practice, no published source).
 */
final class EntryQuestionTest extends TestCase
{
    /**
     * @param list<int> $others
     */
    #[DataProvider('entries')]
    public function testASlipIsAskedAboutAndAGoodEveningIsNot(
        CountKind $counted,
        int $count,
        CountKind $drill,
        array $others,
        ?string $asked,
    ): void {
        self::assertSame($asked, EntryQuestion::about($counted, $count, $drill, BestSoFar::of($others))?->code);
    }

    /**
     * @return iterable<string, array{CountKind, int, CountKind, list<int>, ?string}>
     */
    public static function entries(): iterable
    {
        [$streak, $hold, $tries] = [CountKind::Streak, CountKind::Hold, CountKind::Tries];
        yield 'a digit too many' => [$streak, 310, $streak, [17, 38, 31], 'entry.ask_best'];
        yield 'twice the best is a good evening' => [$streak, 76, $streak, [17, 38, 31], null];
        yield 'three times the best is still one' => [$streak, 114, $streak, [17, 38, 31], null];
        yield 'a beginner goes from two to twenty' => [$streak, 20, $streak, [2, 1, 2], null];
        yield 'a beginner does not go from two to two hundred' => [$streak, 200, $streak, [2, 1, 2], 'entry.ask_best'];
        yield 'two entries tell nothing' => [$streak, 400, $streak, [9, 12], null];
        yield 'reps where seconds are counted' => [$streak, 27, $hold, [], 'entry.ask_seconds'];
        yield 'seconds where seconds are counted' => [$hold, 27, $hold, [30, 30, 25], null];
        yield 'tries' => [$tries, 9, $tries, [7, 8, 6], null];
    }
}
