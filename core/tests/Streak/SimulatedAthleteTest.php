<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Streak;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\SimulatedAthlete;
use Zumbo\Core\Streak\WeibullFit;

final class SimulatedAthleteTest extends TestCase
{
    /** A geometric go of chance q has (1 − q)/q reps on average. */
    public function testGoesHaveTheLengthTheirHazardSays(): void
    {
        $athlete = new SimulatedAthlete(Hazard::constant(0.05), self::seeded(3));
        $reps = array_map(static fn (): int => $athlete->go(2000)[0], range(1, 4000));
        self::assertEqualsWithDelta(19.0, array_sum($reps) / \count($reps), (3 * sqrt(0.95)) / 0.05 / sqrt(4000));
    }

    public function testTheSameSeedGivesTheSameGoes(): void
    {
        $goes = static function (): array {
            $athlete = new SimulatedAthlete(Hazard::weibull(12, 1.5), self::seeded(9));

            return [$athlete->go(30), $athlete->cleanOf(10), $athlete->missesIn(60), $athlete->go(30)];
        };
        self::assertSame($goes(), $goes());
    }

    public function testNobodyMissesWithoutAHazardAndEverybodyWithACertainOne(): void
    {
        $sure = new SimulatedAthlete(Hazard::constant(0.0), self::seeded(1));
        self::assertSame([[40, AttemptEnd::Stopped], 10, 0], [$sure->go(40), $sure->cleanOf(10), $sure->missesIn(30)]);
        $never = new SimulatedAthlete(Hazard::listed([0.999_999_9]), self::seeded(1));
        self::assertSame([[0, AttemptEnd::Miss], 0, 30], [$never->go(40), $never->cleanOf(10), $never->missesIn(30)]);
    }

    /** What is hidden in the goes can be found again by the fit. */
    public function testTheFitFindsTheHiddenCurve(): void
    {
        $athlete = new SimulatedAthlete(Hazard::weibull(25, 1.8), self::seeded(5));
        $goes = array_map(static fn (): CountedReps => CountedReps::attempt(...$athlete->go(200)), range(1, 400));
        $fit = WeibullFit::of($goes);
        self::assertInstanceOf(WeibullFit::class, $fit);
        self::assertEqualsWithDelta(1.8, $fit->shape, 0.25);
        self::assertEqualsWithDelta(25.0, $fit->scale, 2.5);
    }

    /**
     * @return \Closure(): float
     */
    private static function seeded(int $seed): \Closure
    {
        $random = new Randomizer(new Mt19937($seed));

        return static fn (): float => $random->getInt(0, 999_999_999) / 1e9;
    }
}
