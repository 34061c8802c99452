<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Together\ChanceTogether;
use Zumbo\Core\Pacing\Together\LevelClass;
use Zumbo\Core\Pacing\Together\LevelOption;
use Zumbo\Core\Pacing\Together\LevelOptions;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Streak\Hazard;

final class LevelTest extends TestCase
{
    /** Every choice of everybody's numbers, looked at one by one. */
    public function testNoOtherChoiceChangesLess(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($class = 0; $class < 60; ++$class) {
            $options = [];
            for ($who = 0; $who < 3; ++$who) {
                $each = $random->getInt(4, 60) / 10;
                for ($number = 8; $number >= 1; --$number) {
                    $options[$who][] = new LevelOption($number, false, $number, 30 + $number * $each, 8 - $number);
                }
                $options[$who] = array_reverse($options[$who]);
            }
            $least = [\INF];
            foreach ($options[0] as $a) {
                foreach ($options[1] as $b) {
                    foreach ($options[2] as $c) {
                        $times = [$a->expectedS, $b->expectedS, $c->expectedS];
                        if (max($times) - min($times) <= 4.0) {
                            $least[] = $a->change + $b->change + $c->change;
                        }
                    }
                }
            }
            $level = LevelClass::of($options, 4.0);
            if ([] === $level->outside) {
                self::assertEqualsWithDelta(min($least), $level->change, 1e-9, "class $class");
                self::assertLessThanOrEqual(4.0 + 1e-9, $level->spreadS());
            } else {
                self::assertSame([\INF], $least, "class $class: somebody is outside although nobody has to be");
            }
        }
    }

    public function testEachNumbersTimeIsThatOfTheWorkoutWithIt(): void
    {
        $jumper = new Jumper(Hazard::weibull(20, 1.6), 1.7, 9, 3);
        $workout = WorkoutText::read('3 rounds: 30 doubles, squats 20 s, 60 singles, 20 doubles');
        $options = LevelOptions::ofDoubles($workout, $jumper);
        self::assertCount(30, $options);
        foreach ([30, 25, 20, 7] as $number) {
            $timed = TimedWorkout::of($workout->cutTo($number), $jumper);
            $option = array_column($options, null, 'number')[$number];
            self::assertEqualsWithDelta($timed->expectedS, $option->expectedS, 1e-9);
            self::assertSame($timed->doubles, $option->doubles);
            self::assertEqualsWithDelta(150 - $option->doubles, $option->change, 1e-9);
        }
    }

    public function testNobodyGetsMoreThanTheWorkoutAndEachKeepsTheLeast(): void
    {
        $workout = WorkoutText::read('3 rounds: 30 doubles, run 1:00');
        $options = [
            'strong' => LevelOptions::ofDoubles($workout, new Jumper(Hazard::constant(0.005), 1.8, 5, 4)),
            'weak' => LevelOptions::ofDoubles($workout, new Jumper(Hazard::constant(0.3), 1.5, 10, 4)),
            'tries' => LevelOptions::ofTries($workout, new Jumper(Hazard::constant(0.5), 1.5, 10, 4), 60.0),
        ];
        $level = LevelClass::of($options, 60);
        self::assertSame([], $level->outside);
        self::assertSame(30, $level->chosen['strong']->number);
        self::assertLessThan(30, $level->chosen['weak']->number);
        self::assertTrue($level->chosen['tries']->tries);
        self::assertLessThanOrEqual(60.0, $level->spreadS());
        unset($options['tries']);
        $kept = LevelClass::of($options, 60, 60.0);
        self::assertCount(1, $kept->outside, '60 doubles of the weak take more than a minute longer than all of the strong');
        self::assertGreaterThanOrEqual(60.0, $kept->chosen['weak']->doubles);
    }

    /** Drawn a thousand times, by hand of two even chances: both end within the window about as often as is said. */
    public function testTheChanceIsThatOfDraws(): void
    {
        $thirty = WorkoutText::read('30 doubles');
        $of = static fn (float $q, float $perS): TimedWorkout => TimedWorkout::of(
            $thirty,
            new Jumper(Hazard::constant($q), $perS, 10, 4),
        );
        $random = new Randomizer(new Mt19937(9));
        $took = static function (float $q, float $perS) use ($random): float {
            $seconds = 30 / $perS;
            for ($done = 0; $done < 30;) {
                $random->getInt(0, 999_999) / 1e6 < $q ? $seconds += 10 : ++$done;
            }

            return $seconds;
        };
        $together = 0;
        for ($i = 0; $i < 20_000; ++$i) {
            $times = [$took(0.05, 2.0), $took(0.1, 1.5), $took(0.02, 1.0)];
            $together += (int) (max($times) - min($times) <= 20.0);
        }
        $said = ChanceTogether::of([$of(0.05, 2.0), $of(0.1, 1.5), $of(0.02, 1.0)], 20.0);
        self::assertEqualsWithDelta($together / 20_000, $said, 0.015);
    }
}
