<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Load;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Load\StopRule;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Tests\Reference;

final class StopRuleTest extends TestCase
{
    /** Beta-binomial tails by R's own beta function (reference/stops.R). */
    #[DataProvider('tails')]
    public function testTheTailIsThatOfAReferenceLibrary(int $misses, int $tries, float $rate, float $chance): void
    {
        self::assertEqualsWithDelta($chance, StopRule::chanceOfAtLeast($misses, $tries, $rate), 1e-8);
    }

    /**
     * @return iterable<string, array{int, int, float, float}>
     */
    public static function tails(): iterable
    {
        foreach (Reference::file('stops.json')['cases'] as $case) {
            yield json_encode($case, \JSON_THROW_ON_ERROR) => [
                $case['misses'],
                $case['tries'],
                $case['rate'],
                $case['chance'],
            ];
        }
    }

    public function testADayFullOfMissesIsStopped(): void
    {
        self::assertSame('stop.misses', StopRule::of(55, 16, 960, 40)?->code);
        self::assertNull(StopRule::of(55, 4, 960, 40));
    }

    public function testEightMissesAtLeastAndAUsualRateThatIsKnown(): void
    {
        self::assertNull(StopRule::of(3, 7, 990, 10));
        self::assertNotNull(StopRule::of(3, 8, 990, 10));
        self::assertNull(StopRule::of(3, 8, 20, 1), 'nobody knows yet what is usual');
    }

    public function testALearnerIsJudgedByTheirOwnRate(): void
    {
        self::assertNull(StopRule::of(30, 20, 600, 400));
        self::assertNotNull(StopRule::of(30, 20, 970, 30));
    }

    /** An ordinary evening, judged anew with every entry. */
    public function testAnOrdinaryEveningIsHardlyEverStopped(): void
    {
        $draws = new Draws(14);
        foreach ([0.02, 0.05, 0.15, 0.4] as $rate) {
            $stopped = 0;
            for ($evening = 0; $evening < 1000; ++$evening) {
                $stopped += self::isStopped($draws, $rate) ? 1 : 0;
            }
            self::assertLessThanOrEqual(40, $stopped, "at a rate of $rate");
        }
    }

    private static function isStopped(Draws $draws, float $rate): bool
    {
        // The evening's own rate: normal with the variance of the beta distribution, which is near enough here.
        $spread = sqrt($rate * (1 - $rate) / (StopRule::CONCENTRATION + 1));
        $tonight = min(0.99, max(0.0005, $rate + $spread * $draws->normal()));
        $reps = $misses = 0;
        for ($entry = 0; $entry < 10; ++$entry) {
            for ($try = 0; $try < 25; ++$try) {
                $draws->between(0, 1) < $tonight ? ++$misses : ++$reps;
            }
            if (null !== StopRule::of($reps, $misses, (int) round(2000 * (1 - $rate)), (int) round(2000 * $rate))) {
                return true;
            }
        }

        return false;
    }
}
