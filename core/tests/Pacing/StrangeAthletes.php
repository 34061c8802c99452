<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use Random\Randomizer;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Prior;

/**
 * Athletes from a generator that knows nothing of the models: the odds of a miss rise or fall along a set, evenings differ, a miss costs
 * what it costs.
 */
final class StrangeAthletes
{
    private const WORKOUT = '2 rounds: 40 doubles, squats 30 s';

    /** How many of so many bands hold the time that came, after so many goes of each were logged. */
    public static function held(int $athletes, int $goes, Randomizer $random): float
    {
        $held = 0;
        $workout = WorkoutText::read(self::WORKOUT);
        for ($i = 0; $i < $athletes; ++$i) {
            $one = [log(0.004) + self::uniform($random) * log(20), max(-0.02, min(0.06, 0.02 + 0.02 * self::normal($random)))];
            $log = [];
            $misses = $day = 0;
            for ($go = 0; $go < $goes; ++$go) {
                $day = 0 === $go % 5 ? 0.25 * self::normal($random) : $day;
                [$reps, $missed] = self::go($one, 60, $day, $random);
                $misses += (int) $missed;
                $log[] = CountedReps::attempt($reps, $missed ? AttemptEnd::Miss : AttemptEnd::Stopped);
            }
            $hazard = AthleteHazard::of(Prior::forStage(Stage::Hold), $log)->hazard;
            $timed = TimedWorkout::of($workout, new Jumper($hazard, 1.8, 10, 4, 0.05, HazardDoubt::after($misses)));
            [$low, $high] = $timed->band();
            $took = self::took($timed, $one, $random);
            $held += (int) ($took >= $low && $took <= $high);
        }

        return $held / $athletes;
    }

    /**
     * @param array{float, float} $one
     */
    private static function took(TimedWorkout $timed, array $one, Randomizer $random): float
    {
        $day = 0.25 * self::normal($random);
        $perS = 1.8 * exp(0.02 * self::normal($random));
        $seconds = $timed->fixedS;
        $varied = static fn (float $cost): float => $cost * exp(0.34 * self::normal($random) - 0.058);
        foreach ($timed->stations as $station) {
            $plan = $station->plan;
            for ($left = $plan->reps ?? 0; null !== $plan && $left > 0;) {
                [$done, $missed] = self::go($one, $plan->choice[$left], $day + $station->round * log(1.05), $random);
                $left -= $done;
                $seconds += $done / $perS + ($missed ? $varied(10) : ($left > 0 ? $varied(4) : 0.0));
            }
        }

        return $seconds;
    }

    /**
     * @param array{float, float} $one logarithm of the chance at the start, and how it goes with the place
     *
     * @return array{int, bool} reps, and whether it ended in a miss
     */
    private static function go(array $one, int $most, float $day, Randomizer $random): array
    {
        for ($place = 1; $place <= $most; ++$place) {
            if (self::uniform($random) < min(0.9, exp($one[0] + $one[1] * min($place, 50) + $day))) {
                return [$place - 1, true];
            }
        }

        return [$most, false];
    }

    private static function uniform(Randomizer $random): float
    {
        return ($random->getInt(0, 0x3FFFFFFF) + 0.5) / 0x40000000;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log(self::uniform($random))) * cos(2 * \M_PI * self::uniform($random));
    }
}
