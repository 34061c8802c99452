<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Drill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\TakeEntry;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

final class TakeEntryTest extends TestCase
{
    /**
     * @param list<float> $turns
     * @param list<float> $landings
     */
    #[DataProvider('takes')]
    public function testCountsTheHighestKindAndTheMisses(array $turns, array $landings, int $reps, int $misses): void
    {
        $entry = TakeEntry::of(RhythmReport::of(Take::of($turns, $landings)), CountKind::Tries);
        self::assertSame([$reps, $misses, false], [$entry->reps, $entry->misses, $entry->summed]);
    }

    /**
     * @return iterable<string, array{list<float>, list<float>, int, int}>
     */
    public static function takes(): iterable
    {
        yield 'singles' => [[0.3, 0.9], [0.0, 0.6, 1.2], 2, 0];
        yield 'of singles and doubles, the doubles' => [[0.3, 0.8, 1.0, 1.4, 1.6], [0.0, 0.6, 1.2, 1.8], 2, 0];
        yield 'a trip' => [[0.3, 0.9, 1.5], [0.0, 0.6, 1.2, 1.8, 3.8], 3, 1];
        yield 'only landings were tapped' => [[], [0.0, 0.6, 1.2, 1.8], 3, 0];
        yield 'nothing' => [[], [0.0], 0, 0];
    }

    public function testAStreakThatWentOnAfterAMissIsASum(): void
    {
        $endedByIt = RhythmReport::of(Take::of([0.3, 0.9, 1.5], [0.0, 0.6, 1.2, 1.8, 3.8]));
        $wentOn = RhythmReport::of(Take::of([0.3, 0.9, 1.5, 4.1], [0.0, 0.6, 1.2, 1.8, 3.8, 4.4]));
        $onlyLandings = RhythmReport::of(Take::of([], [0.0, 0.6, 1.2, 1.8]));
        self::assertFalse(TakeEntry::of($endedByIt, CountKind::Streak)->summed);
        self::assertTrue(TakeEntry::of($wentOn, CountKind::Streak)->summed);
        self::assertFalse(TakeEntry::of($onlyLandings, CountKind::Streak)->summed);
    }

    public function testAHoldCountsItsSeconds(): void
    {
        $tripped = RhythmReport::of(Take::of([0.3, 0.9, 1.5], [0.0, 0.6, 1.2, 1.8, 3.8]));
        $entry = TakeEntry::of($tripped, CountKind::Hold);
        self::assertSame([4, 1, false], [$entry->reps, $entry->misses, $entry->summed]);
    }
}
