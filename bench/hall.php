<?php

declare(strict_types=1);

/*
 * Forty people of different ropes arranged in a hall that just holds them, and how many a small one holds. Prints ms and how
 * many have room.
 */

use Zumbo\Core\Hall\ClearCircle;
use Zumbo\Core\Hall\HallPlan;
use Zumbo\Core\Hall\Room;
use Zumbo\Core\Numeric\Draws;

require __DIR__.'/../core/autoload.php';

$draws = new Draws(40);
$people = array_map(static fn (): ClearCircle => ClearCircle::ofRadius($draws->between(1.1, 1.6)), range(1, 40));
foreach ([[24.0, 16.0], [12.0, 9.0]] as [$width, $depth]) {
    $start = hrtime(true);
    $plan = HallPlan::arranged(Room::of($width, $depth), $people);
    printf('%.0f %d ', (hrtime(true) - $start) / 1e6, count($plan->spots));
}
