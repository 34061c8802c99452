<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Streak\Hazard;

/**
 * Workouts that the clock ends, held against draws; and how sure the chance of a miss is.
 */
final class ClockedWorkoutTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(21));
    }

    public function testEachMinuteIsMadeAboutAsOftenAsIsSaid(): void
    {
        $jumper = new Jumper(Hazard::constant(0.04), 1.8, 8, 3, 0.1);
        $timed = TimedWorkout::of(WorkoutText::read('every 1:00, 3 times: 20 doubles, squats 25 s, 15 doubles'), $jumper);
        $chances = $timed->chanceMinutes;
        self::assertNotNull($chances);
        self::assertCount(3, $chances);
        foreach ($chances as $round => $said) {
            $made = 0;
            for ($i = 0; $i < 4000; ++$i) {
                $q = 0.04 * 1.1 ** $round;
                $took = 25 + 35 / 1.8 + 8 * ($this->misses(20, $q) + $this->misses(15, 1.1 * $q));
                $made += (int) ($took <= 60);
            }
            self::assertEqualsWithDelta($made / 4000, $said, 0.03, "minute $round");
        }
        self::assertGreaterThan($chances[2], $chances[0], 'rounds tire');
        self::assertEqualsWithDelta(1 - $chances[2], $timed->chanceStuck(), 1e-9);
        self::assertSame([180.0, 180.0], $timed->band(), 'the clock ends it');
    }

    public function testAsManyRoundsFitAsAreDrawn(): void
    {
        $jumper = new Jumper(Hazard::constant(0.03), 1.8, 9, 3, 0.05);
        $timed = TimedWorkout::of(WorkoutText::read('as many rounds as fit in 10:00: 25 doubles, presses 20 s'), $jumper);
        self::assertNotNull($timed->fit);
        $done = [];
        for ($i = 0; $i < 2000; ++$i) {
            $left = 600.0;
            for ($rounds = 0;; ++$rounds) {
                $left -= 20 + 25 / 1.8 + 9 * $this->misses(25, 0.03 * 1.05 ** $rounds);
                if ($left < 0) {
                    break;
                }
            }
            $done[] = $rounds;
        }
        sort($done);
        self::assertSame($done[200], $timed->fit->p10);
        self::assertSame($done[1800], $timed->fit->p90);
        self::assertEqualsWithDelta(array_sum($done) / 2000 + 0.5, $timed->fit->expected, 0.5);
        self::assertEqualsWithDelta(25 * $timed->fit->expected, $timed->doubles, 1e-9);
    }

    public function testAsManyDoublesComeAsTheirTimeAllows(): void
    {
        $jumper = new Jumper(Hazard::constant(0.05), 2.0, 10, 4, 0.0);
        $timed = TimedWorkout::of(WorkoutText::read('2 times 1:00 on, 30 s off: doubles, squats 10 s'), $jumper);
        // A double takes 0.5 s and 10 · 0.05/0.95 s of misses: 48.7 of them in the 50 s that are left.
        self::assertSame(48, $timed->stations[0]->station->reps);
        self::assertSame(150.0, $timed->expectedS);
        self::assertSame(96.0, $timed->doubles);
    }

    public function testTheMoreMissesWereSeenTheSurerTheBand(): void
    {
        $spread = static fn (HazardDoubt $doubt): float => max($doubt->multiples) - min($doubt->multiples);
        $before = \INF;
        foreach ([0, 5, 20, 80, 1000] as $misses) {
            $doubt = HazardDoubt::after($misses);
            self::assertEqualsWithDelta(1, array_sum($doubt->multiples) / \count($doubt->multiples), 1e-12);
            self::assertLessThan($before, $spread($doubt));
            $before = $spread($doubt);
        }
        self::assertGreaterThan(0.3, $before, 'days differ however much is logged');
        self::assertSame([1.0], HazardDoubt::none()->multiples);
        $workout = WorkoutText::read('3 rounds: 40 doubles');
        $width = static function (?HazardDoubt $doubt) use ($workout): float {
            [$low, $high] = TimedWorkout::of($workout, new Jumper(Hazard::constant(0.05), 1.8, 10, 4, doubt: $doubt))->band();

            return $high - $low;
        };
        self::assertGreaterThan($width(HazardDoubt::after(80)), $width(HazardDoubt::after(2)));
        self::assertGreaterThan($width(null), $width(HazardDoubt::after(80)));
    }

    private function misses(int $reps, float $q): int
    {
        $misses = 0;
        for ($done = 0; $done < $reps;) {
            $this->random->getInt(0, 999_999) / 1e6 < $q ? ++$misses : ++$done;
        }

        return $misses;
    }
}
