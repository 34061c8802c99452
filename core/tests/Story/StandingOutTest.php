<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Story;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Zumbo\Core\Story\HelpCount;
use Zumbo\Core\Story\StandingOut;

/**
 * Which cue or drill helps more than the others: found where it is planted, silent where it is not, over simulated gyms.
 */
final class StandingOutTest extends TestCase
{
    private const GYMS = 500;
    private const CUES = 12;

    public function testFindsAPlantedEffectAndStaysSilentOnNone(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(41));
        $found = $wrong = $alarms = 0;
        for ($gym = 0; $gym < self::GYMS; ++$gym) {
            $planted = $random->getInt(0, self::CUES - 1);
            $named = self::named(self::gym($random, $planted));
            $found += (int) \in_array($planted, $named, true);
            $wrong += (int) ([] !== array_diff($named, [$planted]));
            $alarms += (int) ([] !== self::named(self::gym($random, null)));
        }
        fwrite(\STDERR, \sprintf(
            "\nplanted effect found in %d of %d gyms, beside it another named in %d; none planted: named all the same in %d\n",
            $found,
            self::GYMS,
            $wrong,
            $alarms,
        ));
        self::assertGreaterThanOrEqual(0.8 * self::GYMS, $found);
        self::assertLessThanOrEqual(0.05 * self::GYMS, $wrong);
        self::assertLessThanOrEqual(0.06 * self::GYMS, $alarms);
    }

    public function testWithTooLittleItIsSilent(): void
    {
        $counts = ['elbows in' => new HelpCount(5, 5), 'quiet feet' => new HelpCount(1, 6), 'chin up' => new HelpCount(0, 6)];
        foreach (StandingOut::among($counts) as $one) {
            self::assertFalse($one->standsOut);
        }
        self::assertSame([], StandingOut::among([]));
    }

    public function testDrawsTheFewTowardsTheMany(): void
    {
        $all = StandingOut::among(['often' => new HelpCount(40, 100), 'once' => new HelpCount(1, 1)]);
        $once = $all['once'];
        self::assertLessThan(0.6, $once->share, 'one go out of one is no certainty');
        self::assertGreaterThan($all['often']->high - $all['often']->low, $once->high - $once->low);
        self::assertLessThan($once->share, $once->low);
        self::assertGreaterThan($once->share, $once->high);
    }

    /**
     * @return array<int, HelpCount>
     */
    private static function gym(Randomizer $random, ?int $planted): array
    {
        $counts = [];
        for ($cue = 0; $cue < self::CUES; ++$cue) {
            $goes = $random->getInt(20, 60);
            $share = $cue === $planted ? 0.75 : 0.4;
            $better = 0;
            for ($go = 0; $go < $goes; ++$go) {
                $better += (int) ($random->getInt(0, 999) < 1000 * $share);
            }
            $counts[$cue] = new HelpCount($better, $goes);
        }

        return $counts;
    }

    /**
     * @param array<int, HelpCount> $counts
     *
     * @return list<int>
     */
    private static function named(array $counts): array
    {
        return array_keys(array_filter(StandingOut::among($counts), static fn (StandingOut $one): bool => $one->standsOut));
    }
}
