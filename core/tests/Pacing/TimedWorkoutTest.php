<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\StationTime;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\WorkoutForm;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Tests\Reference;

final class TimedWorkoutTest extends TestCase
{
    /**
     * @param array<string, mixed> $case by hand
     */
    #[DataProvider('workouts')]
    public function testTakesTheTimeThatArithmeticGives(array $case): void
    {
        $never = new Jumper(Hazard::constant(0.0), 2.0, 10, 4, 0.0, null, 2.5, Hazard::constant(0.0));
        $timed = TimedWorkout::of(WorkoutText::read((string) $case['text']), $never);
        if (WorkoutForm::ManyRounds === $timed->workout->form) {
            self::assertSame($case['doubles_a_round'], $timed->workout->doubles());
            self::assertNotNull($timed->fit);
            self::assertEqualsWithDelta($case['whole_rounds'], $timed->fit->expected, 0.999);
            self::assertSame($case['whole_rounds'], $timed->fit->p10);
            self::assertSame($case['whole_rounds'], $timed->fit->p90);
            self::assertEqualsWithDelta($case['window_s'], $timed->expectedS, 1e-9);

            return;
        }
        self::assertEqualsWithDelta($case['doubles'], $timed->doubles, 1e-9);
        self::assertEqualsWithDelta($case['total_s'], $timed->expectedS, 1e-9);
        self::assertEqualsWithDelta([$case['total_s'], $case['total_s']], $timed->band(), 1e-9);
        $singles = array_sum(array_map(
            static fn (StationTime $one): float => StationKind::Singles === $one->station->kind ? $one->workS : 0.0,
            $timed->stations,
        ));
        self::assertEqualsWithDelta($case['fixed_s'], $timed->fixedS + $singles, 1e-9);
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function workouts(): iterable
    {
        foreach (Reference::file('workouts.json')['read'] as $case) {
            yield $case['text'] => [$case];
        }
    }
}
