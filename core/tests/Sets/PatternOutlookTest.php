<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Sets\PatternOutlook;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * By hand, as products of the chance of each jump.
 */
final class PatternOutlookTest extends TestCase
{
    #[DataProvider('patterns')]
    public function testAllOfItIsTheProductOfItsJumps(
        string $notation,
        float $single,
        float $double,
        float $round,
        float $all,
        int $rounds,
        string $code,
    ): void {
        $pattern = Pattern::parse($notation);
        $outlook = PatternOutlook::of(
            $pattern,
            PatternTiming::of($pattern, Rate::perMinute(90)),
            Hazard::constant(1 - $single),
            Hazard::constant(1 - $double),
        ) ?? throw new \LogicException();
        self::assertEqualsWithDelta([$round, $all], [$outlook->chanceOfRound, $outlook->chance], 1e-9);
        self::assertSame([$rounds, $code], [$outlook->rounds, $outlook->verdict->code]);
    }

    /**
     * @return iterable<string, array{string, float, float, float, float, int, string}>
     */
    public static function patterns(): iterable
    {
        // 40 s at 90 a minute are 60 jumps: 15 rounds of four.
        $once = 0.98 ** 3 * 0.9;
        yield 'by time' => ['w40(3s d)', 0.98, 0.9, $once, $once ** 15, 15, 'pattern.rounds_by_time'];
        yield 'a sure one' => ['w40(3s d)', 0.999, 0.995, 0.999 ** 3 * 0.995, (0.999 ** 3 * 0.995) ** 15, 15, 'pattern.rounds_aim'];
        yield 'so many times over' => ['(3s d)x15', 0.98, 0.9, $once, $once ** 15, 15, 'pattern.rounds_by_time'];
        yield 'once through' => ['2s 3d', 0.99, 0.8, 0.99 ** 2 * 0.8 ** 3, 0.99 ** 2 * 0.8 ** 3, 1, 'pattern.whole_aim'];
        yield 'once through, and long' => ['20d', 0.99, 0.8, 0.8 ** 20, 0.8 ** 20, 1, 'pattern.whole_by_time'];
    }

    public function testWhoseLogCountsSecondsIsToldByThem(): void
    {
        // 19 of 20 seconds went on, from nothing else: Beta(20, 2), whose k-th moment is 20·21/((20 + k)(21 + k)).
        $seconds = Posterior::of(Prior::flat(), [CountedReps::counted(19, 1)]);
        $pattern = Pattern::parse('w30(2s d)');
        $outlook = PatternOutlook::ofHolds($pattern, PatternTiming::of($pattern, Rate::perMinute(90)), $seconds)
            ?? throw new \LogicException();
        self::assertEqualsWithDelta((20 * 21) / (50 * 51), $outlook->chance, 1e-9);
        // Three jumps at 90 a minute last 2 s.
        self::assertEqualsWithDelta((20 * 21) / (22 * 23), $outlook->chanceOfRound, 1e-9);
        self::assertSame(15, $outlook->rounds);
    }

    public function testASingleBetweenDoublesBeginsTheRunAnew(): void
    {
        $tiring = Hazard::listed([0.1, 0.5, 0.9]);
        $chance = static function (string $notation) use ($tiring): float {
            $pattern = Pattern::parse($notation);

            return PatternOutlook::of(
                $pattern,
                PatternTiming::of($pattern, Rate::perMinute(100)),
                Hazard::constant(0.0),
                $tiring,
            )->chance ?? 0.0;
        };
        self::assertEqualsWithDelta(0.9 * 0.9 * 0.9, $chance('d s d s d'), 1e-9);
        self::assertEqualsWithDelta(0.9 * 0.5 * 0.1, $chance('3d'), 1e-9);
    }
}
