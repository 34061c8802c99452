<?php

declare(strict_types=1);

/*
 * Pacing of 10 rounds × 100 reps: the recursion alone, with its band, and its growth from 50 to 1,000 reps. Prints ms.
 */

use Zumbo\Core\Pacing\Bends;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\RoundPlan;
use Zumbo\Core\Pacing\Scale\ScaledWay;
use Zumbo\Core\Pacing\Scale\ScaleWish;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Pacing\Together\LevelClass;
use Zumbo\Core\Pacing\Together\LevelOptions;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Streak\Hazard;

require __DIR__.'/../core/autoload.php';

$hazard = Hazard::weibull(25, 1.6);
$milliseconds = static function (callable $work): float {
    $work();
    $work();
    $start = hrtime(true);
    $work();

    return (hrtime(true) - $start) / 1e6;
};
$rounds = static function (bool $band) use ($hazard): float {
    $sum = 0.0;
    $loss = LossDistribution::none(LossGrid::of(4.0, 10.0));
    for ($round = 0; $round < 10; ++$round) {
        $plan = SetPlan::best(100, $hazard->times(1.05 ** $round)->first(100), 10.0, 4.0);
        $sum += $plan->expectedLossS();
        $loss = $band ? $loss->then($plan->distribution()) : $loss;
    }

    return $sum;
};
$whole = static function () use ($hazard): void {
    for ($round = 0; $round < 10; ++$round) {
        RoundPlan::of(100, 1.7, $hazard->times(1.05 ** $round), 10.0, 4.0);
    }
};
printf(
    '%.3f %.2f %.2f %.2f',
    $rounds(false),
    $milliseconds(static fn (): float => $rounds(false)),
    $milliseconds(static fn (): float => $rounds(true)),
    $milliseconds($whole),
);
foreach ([50, 100, 200, 500, 1000] as $reps) {
    $q = $hazard->first($reps);
    printf(' %.2f', $milliseconds(static fn (): SetPlan => SetPlan::best($reps, $q, 10.0, 4.0)));
}
$athletes = [];
for ($i = 0; $i < 40; ++$i) {
    $chance = 0 === $i % 2 ? Hazard::weibull(15 + $i, 1.2 + $i / 50) : Hazard::constant(0.01 + $i / 400);
    $athletes[] = new Jumper($chance, 1.8, 10, 4, doubt: HazardDoubt::after(3 * $i));
}
$workout = WorkoutText::read('5 rounds: 50 doubles, run 2:00; cap 25:00');
$scaled = static function () use ($athletes, $workout): int {
    return array_sum(array_map(static fn (Jumper $one): int => count(ScaledWay::all($workout, new ScaleWish(), $one)), $athletes));
};
$within = static function () use ($athletes, $workout): LevelClass {
    return LevelClass::of(
        array_map(static fn (Jumper $one): array => LevelOptions::ofDoubles($workout, $one), array_slice($athletes, 0, 20)),
        120,
        15,
    );
};
$tired = Hazard::weibull(30, 2)->first(100);
$best = SetPlan::best(100, $tired, 10.0, 4.0);
printf(
    ' %d %.0f %.0f %.2f',
    $scaled(),
    $milliseconds($scaled),
    $milliseconds($within),
    $milliseconds(static fn (): Bends => Bends::of([30, 25, 25, 20], $best, 100 / 1.8)),
);
echo "\n";
