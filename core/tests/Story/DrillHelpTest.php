<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Story;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Story\DrillHelp;
use Zumbo\Core\Story\HelpCount;
use Zumbo\Core\Story\PracticeEvening;
use Zumbo\Core\Story\StandingOut;

/**
 * Which drill helps: found where it is planted, silent where it is not, and not taken in by a drill that is given on bad evenings.
 */
final class DrillHelpTest extends TestCase
{
    private const GYMS = 500;
    private const PEOPLE = 14;
    private const EVENINGS = 26;
    private const DRILLS = ['rungs', 'tall-singles', 'quick-wrists', 'wall-hands', 'quiet-feet', 'one-double'];

    public function testFindsAPlantedDrillAndStaysSilentOnNone(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(23));
        $found = $wrong = $alarms = $fooled = 0;
        for ($gym = 0; $gym < self::GYMS; ++$gym) {
            $planted = self::DRILLS[$random->getInt(1, 5)];
            $named = self::named(self::gym($random, $planted, false));
            $found += (int) \in_array($planted, $named, true);
            $wrong += (int) ([] !== array_diff($named, [$planted]));
            $alarms += (int) ([] !== self::named(self::gym($random, null, false)));
            $fooled += (int) \in_array('quiet-feet', self::named(self::gym($random, null, true)), true);
        }
        fwrite(\STDERR, \sprintf(
            "\nplanted drill found in %d of %d gyms, another named beside it in %d; none planted: one named in %d; given on bad"
            ." evenings: named in %d\n",
            $found,
            self::GYMS,
            $wrong,
            $alarms,
            $fooled,
        ));
        self::assertGreaterThanOrEqual(0.8 * self::GYMS, $found);
        self::assertLessThanOrEqual(0.05 * self::GYMS, $wrong);
        self::assertLessThanOrEqual(0.05 * self::GYMS, $alarms);
        self::assertLessThanOrEqual(0.05 * self::GYMS, $fooled);
    }

    public function testTheEveningOfTheDrillItselfCountsOnNeitherSide(): void
    {
        $evenings = [
            self::evening(0, 90, 10),
            self::evening(3, 90, 10),
            self::evening(7, 10, 90, 'wall-hands', 'rungs', 'rungs'),
            self::evening(10, 80, 20),
        ];
        $counts = DrillHelp::counts([$evenings]);
        self::assertEquals(new HelpCount(0, 1), $counts['wall-hands'], 'better than a bad evening, worse than those before');
        self::assertEquals(new HelpCount(0, 1), $counts['rungs'], 'once an evening');
        $evenings[3] = self::evening(10, 95, 5);
        self::assertEquals(new HelpCount(1, 1), DrillHelp::counts([$evenings])['wall-hands']);
    }

    public function testSaysNothingOfWhatIsTooEarlyTooLateOrTooLittle(): void
    {
        $long = [self::evening(0, 90, 10), self::evening(3, 90, 10), self::evening(7, 50, 5, 'wall-hands'), self::evening(29, 90, 2)];
        self::assertArrayNotHasKey('wall-hands', DrillHelp::counts([$long]), 'three weeks later');
        $early = [self::evening(0, 90, 10), self::evening(7, 50, 5, 'wall-hands'), self::evening(9, 90, 2)];
        self::assertArrayNotHasKey('wall-hands', DrillHelp::counts([$early]), 'one evening before');
        $few = [self::evening(0, 90, 10), self::evening(3, 90, 10), self::evening(7, 50, 5, 'wall-hands'), self::evening(9, 18, 1)];
        self::assertArrayNotHasKey('wall-hands', DrillHelp::counts([$few]), 'nineteen jumps');
        $this->expectException(OutOfRange::class);
        self::evening(0, 9, -1);
    }

    private static function evening(int $day, int $reps, int $misses, string ...$drills): PracticeEvening
    {
        return new PracticeEvening($day, array_values($drills), $reps, $misses);
    }

    /**
     * @return array<string, HelpCount>
     */
    private static function gym(Randomizer $random, ?string $planted, bool $chosenWhenBad): array
    {
        $athletes = [];
        for ($person = 0; $person < self::PEOPLE; ++$person) {
            $share = 0.06 + $random->getInt(0, 100) / 1000;
            $helped = 1.0;
            $evenings = [];
            for ($i = 0; $i < self::EVENINGS; ++$i) {
                // Days differ, everybody comes on slowly.
                $today = $share * $helped * (0.7 + $random->getInt(0, 600) / 1000) * (1 - 0.008 * $i);
                $drills = ['rungs', self::DRILLS[$random->getInt(1, 5)]];
                if ($chosenWhenBad) {
                    $drills = ['rungs', $today > 1.1 * $share ? 'quiet-feet' : self::DRILLS[$random->getInt(1, 3)]];
                }
                $misses = 0;
                for ($jump = 0; $jump < 120; ++$jump) {
                    $misses += (int) ($random->getInt(0, 9999) < 10_000 * $today);
                }
                $evenings[] = new PracticeEvening(3 * $i, $drills, 120 - $misses, $misses);
                // What was learnt fades, so that the planted drill goes on mattering.
                $helped = \in_array($planted, $drills, true) ? 0.6 : min(1.0, $helped + 0.2);
            }
            $athletes[] = $evenings;
        }

        return DrillHelp::counts($athletes);
    }

    /**
     * @param array<string, HelpCount> $counts
     *
     * @return list<string>
     */
    private static function named(array $counts): array
    {
        return array_keys(array_filter(StandingOut::among($counts), static fn (StandingOut $one): bool => $one->standsOut));
    }
}
