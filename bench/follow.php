<?php

declare(strict_types=1);

/*
 * Simulated athletes who follow the plan's aims beside the same athletes with one ladder for everybody (one to ten), until twenty in
 * a row are made eight times in ten. A quarter of what they learn comes of every rep; the rest hangs on the chance of the set as in
 * R. C. Wilson et al., Nature Communications 10:4646 (2019): z·φ(z) for the chance Φ(z), nothing below a half. How fast is drawn.
 * That 85 in 100 teaches best is the plan's own assumption: this says what it is worth if it holds. Prints
 * practices with the plan and with the ladder, the mean of the differences and its 95 % interval.
 */

use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Numeric\NormalDistribution;
use Zumbo\Core\Plan\Practice\SetAim;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Streak\Hazard;

require __DIR__.'/../core/autoload.php';

const ATHLETES = 400;
const REPS = 150;
const GATE = 20;
const ALWAYS = 0.25;

$drill = DrillTable::named('one-single-start');
$taught = static function (float $chance): float {
    if ($chance <= 0.5) {
        return ALWAYS;
    }
    [$low, $high] = [0.0, 6.0];
    for ($i = 0; $i < 40; ++$i) {
        $z = ($low + $high) / 2;
        [$low, $high] = NormalDistribution::cumulative($z) < $chance ? [$z, $high] : [$low, $z];
    }

    // z·φ(z) is largest at z = 1, a chance of 0.84.
    return ALWAYS + (1 - ALWAYS) * $low * exp((1 - $low * $low) / 2);
};
$practices = static function (float $start, float $rate, bool $planned, int $seed) use ($drill, $taught): int {
    $draws = new Draws($seed);
    $odds = $start;
    for ($day = 1; $day <= 400; ++$day) {
        // Evenings differ.
        $p = 1 / (1 + exp(-$odds - 0.3 * $draws->normal()));
        $pace = new LadderPace(Hazard::usualSingles(), Hazard::constant(1 - $p), 0.5, 0.58, 5.0, 8.0);
        $aims = $planned ? [SetAim::of($drill, $pace)->reps] : range(1, 10);
        $learnt = array_sum(array_map(static fn (int $aim): float => $aim * $taught($p ** $aim), $aims)) / array_sum($aims);
        $odds += $rate * REPS * $learnt / 100;
        if ((1 / (1 + exp(-$odds))) ** GATE >= 0.8) {
            return $day;
        }
    }

    return 400;
};
$draws = new Draws(85);
$with = $without = $differences = [];
for ($i = 0; $i < ATHLETES; ++$i) {
    $start = 1.2 + 0.5 * $draws->normal();
    $rate = max(0.02, 0.08 + 0.03 * $draws->normal());
    $with[] = $practices($start, $rate, true, $i);
    $without[] = $practices($start, $rate, false, $i);
    $differences[] = $without[$i] - $with[$i];
}
$mean = array_sum($differences) / ATHLETES;
$variance = array_sum(array_map(static fn (int $one): float => ($one - $mean) ** 2, $differences)) / (ATHLETES - 1);
$half = 1.96 * sqrt($variance / ATHLETES);
printf('%.1f %.1f %.1f %.1f %.1f', array_sum($with) / ATHLETES, array_sum($without) / ATHLETES, $mean, $mean - $half, $mean + $half);
