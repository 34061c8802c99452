<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Rhythm\Take;

final class SimulatedJumperTest extends TestCase
{
    public function testJumpsThePatternOverAndOverAtTheCadence(): void
    {
        $take = self::jump('2s d', JumperFault::None, 1, 0.0);
        self::assertSame([1, 1, 2, 1, 1, 2], \array_slice($take->passes(), 0, 6));
        self::assertEqualsWithDelta(100, RhythmReport::of($take)->beat?->cadence() ?? 0, 1e-6);
    }

    public function testTheSeedDecidesAndNothingElse(): void
    {
        self::assertEquals(self::jump('s', JumperFault::None, 5, 0.03), self::jump('s', JumperFault::None, 5, 0.03));
        self::assertNotEquals(self::jump('s', JumperFault::None, 5, 0.03), self::jump('s', JumperFault::None, 6, 0.03));
    }

    public function testJitterIsTheSpreadOfTheBeat(): void
    {
        $reading = RhythmReport::of(self::jump('s', JumperFault::None, 3, 0.03, 300.0));
        // 500 jumps: the standard error of a standard deviation is s/√(2n), so three of them are 9.5 %.
        self::assertEqualsWithDelta(0.03, $reading->beat?->variation() ?? 0, 0.03 * 0.095);
    }

    public function testALateSpinPassesLateInTheFlight(): void
    {
        $usual = self::jump('d', JumperFault::None, 1, 0.0);
        $late = self::jump('d', JumperFault::LateSpin, 1, 0.0);
        self::assertSame($usual->passes(), $late->passes());
        self::assertGreaterThan($usual->turnsS[0] + 0.08, $late->turnsS[0]);
    }

    public function testAPauseIsAJumpThatTakesLong(): void
    {
        $reading = RhythmReport::of(self::jump('s', JumperFault::Pause, 1, 0.01));
        self::assertNotSame([], $reading->beat?->pauses);
        self::assertSame([], $reading->misses);
    }

    #[DataProvider('bad')]
    public function testRefusesWhatNobodyDoes(float $seconds, float $jitter, string $field): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($field);
        self::jump('s', JumperFault::None, 1, $jitter, $seconds);
    }

    /**
     * @return iterable<array{float, float, string}>
     */
    public static function bad(): iterable
    {
        yield [1.0, 0.0, 'seconds'];
        yield [2000.0, 0.0, 'seconds'];
        yield [10.0, 0.5, 'jitter'];
        yield [10.0, -0.1, 'jitter'];
        yield [\NAN, 0.0, 'seconds'];
    }

    private static function jump(
        string $pattern,
        JumperFault $fault,
        int $seed,
        float $jitter,
        float $seconds = 20.0,
    ): Take {
        return SimulatedJumper::jump(Pattern::parse($pattern), Rate::perMinute(100), $seconds, $jitter, $fault, $seed);
    }
}
