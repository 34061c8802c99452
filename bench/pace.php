<?php

declare(strict_types=1);

/*
 * Pacing of 10 rounds × 100 reps: the recursion alone, with its band, and its growth from 50 to 1,000 reps. Prints ms.
 */

use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\RoundPlan;
use Zumbo\Core\Pacing\SetPlan;
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
echo "\n";
