<?php

declare(strict_types=1);

/*
 * How many arcs a second the core solves, on one core: cable and span in, depth out. Prints one number.
 */

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\TurningRope;

require __DIR__.'/../core/autoload.php';

$solve = static function (int $count): float {
    $sum = 0.0;
    for ($i = 0; $i < $count; ++$i) {
        $sum += TurningRope::ofCable(
            Length::ofMetres(2.0 + (0.8 * ($i % 997)) / 997),
            Length::ofMetres(0.9),
        )->depth->metres();
    }

    return $sum;
};
$solve(2000);
$count = 40 * 997;
$start = hrtime(true);
$sum = $solve($count);
printf("%.0f %.9f\n", $count / ((hrtime(true) - $start) / 1e9), $sum / $count);
