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

    public function testARopeIsOutgrownByTheStatureOfItsDay(): void
    {
        $now = Length::ofCentimetres(145);
        $outgrown = static fn (?string $day): bool => null !== self::grown()->outgrown(
            null === $day ? null : new \DateTimeImmutable($day),
            $now,
        );
        self::assertTrue($outgrown('2025-10-01'));
        self::assertFalse($outgrown('2026-11-02'), 'sized after the last reading');
        self::assertFalse($outgrown(null), 'without a rope nothing is outgrown');
        self::assertNull(StatureHistory::none()->outgrown(new \DateTimeImmutable('2026-01-01'), $now));
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
