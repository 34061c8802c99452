<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Body;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\StatureHistory;
use Zumbo\Core\Measure\Length;

final class StatureHistoryTest extends TestCase
{
    public function testTheLastReadingUpToADayHolds(): void
    {
        $history = self::grown();
        $at = static fn (string $day): ?float => $history->at(new \DateTimeImmutable($day))?->centimetres();
        self::assertSame([138.0, 138.0, 138.0, 141.0, 145.0], array_map($at, [
            '2025-01-01', '2025-09-01', '2026-02-28', '2026-03-01', '2026-12-01',
        ]), 'before the first reading the first one is the best there is');
        self::assertNull(StatureHistory::none()->at(new \DateTimeImmutable('2026-01-01')));
    }

    public function testTwoRisingHeightsWithinAYearAreGrowth(): void
    {
        $rises = static fn (string $day): bool => self::grown()->risesWithinAYear(new \DateTimeImmutable($day));
        self::assertFalse($rises('2025-12-01'), 'one height only');
        self::assertTrue($rises('2026-03-01'));
        self::assertTrue($rises('2027-02-28'));
        self::assertFalse($rises('2027-03-02'), 'one height of the last year only');
    }

    public function testGrowthIsSeenOnTheFirstDayThatReadsMoreThanWhenTheRopeWasSized(): void
    {
        $grew = static fn (string $sized): ?string => self::grown()->grewOn(new \DateTimeImmutable($sized))?->format('Y-m-d');
        self::assertSame('2026-03-01', $grew('2025-10-01'));
        self::assertSame('2026-11-01', $grew('2026-03-01'));
        self::assertNull($grew('2026-11-02'));
        self::assertNull(StatureHistory::none()->grewOn(new \DateTimeImmutable('2026-01-01')));
    }

    public function testTheNextMeasuringHasADate(): void
    {
        $next = static fn (int $birthYear): ?string => self::grown()
            ->nextOn($birthYear, new \DateTimeImmutable('2026-11-20'))?->format('Y-m-d');
        self::assertSame('2027-02-01', $next(2013), 'every three months in the years of the spurt');
        self::assertNull($next(1990));
    }

    public function testOfTwoHeightsOnOneDayTheLaterCounts(): void
    {
        $day = new \DateTimeImmutable('2026-05-05');
        $twice = StatureHistory::of([
            ['on' => $day, 'stature' => Length::ofCentimetres(150)],
            ['on' => $day, 'stature' => Length::ofCentimetres(151)],
        ]);
        self::assertSame(151.0, $twice->at($day)?->centimetres());
    }

    /** Sized in the morning at 158, measured at noon: 163. */
    public function testARopeKeptBetweenTwoHeightsOfOneDayWasSizedForTheFirst(): void
    {
        $at = static fn (string $time): \DateTimeImmutable => new \DateTimeImmutable('2026-05-05 '.$time);
        $twice = StatureHistory::of([
            ['on' => $at('00:00'), 'stature' => Length::ofCentimetres(158), 'at' => $at('09:00')],
            ['on' => $at('00:00'), 'stature' => Length::ofCentimetres(163), 'at' => $at('12:00')],
        ]);
        self::assertSame(158.0, $twice->at($at('09:30'))?->centimetres());
        self::assertSame('2026-05-05', $twice->grewOn($at('09:30'))?->format('Y-m-d'));
        self::assertNull($twice->grewOn($at('12:00')));
        self::assertSame(163.0, $twice->latest()?->centimetres());
    }

    public function testIsDueByWholeMonthsSinceTheLastReading(): void
    {
        $due = static fn (int $birthYear, string $day): bool => null !== self::grown()->reminder(
            $birthYear,
            new \DateTimeImmutable($day),
        );
        self::assertFalse($due(2013, '2027-01-31'), 'not yet three months in the years of the spurt');
        self::assertTrue($due(2013, '2027-02-01'));
        self::assertFalse($due(1990, '2040-01-01'), 'grown up');
        self::assertNull(StatureHistory::none()->reminder(2013, new \DateTimeImmutable('2027-01-01')));
    }

    private static function grown(): StatureHistory
    {
        return StatureHistory::of(array_map(
            static fn (string $day, float $cm): array => [
                'on' => new \DateTimeImmutable($day),
                'stature' => Length::ofCentimetres($cm),
            ],
            ['2025-09-01', '2026-03-01', '2026-11-01'],
            [138, 141, 145],
        ));
    }
}
