<?php

declare(strict_types=1);

/*
 * Of bands that ought to hold eight times in ten, how many hold: 2,000 athletes each whose chances are of another kind than the
 * model's, after 5, 20 and 80 logged goes. Prints shares, and ms an athlete.
 */

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Tests\Pacing\StrangeAthletes;

require __DIR__.'/../core/autoload.php';
require __DIR__.'/../core/tests/Pacing/StrangeAthletes.php';

const ATHLETES = 2000;

$random = new Randomizer(new Mt19937(3));
$start = hrtime(true);
foreach ([5, 20, 80] as $goes) {
    printf('%.1f ', 100 * StrangeAthletes::held(ATHLETES, $goes, $random));
}
printf("%.1f\n", (hrtime(true) - $start) / 1e6 / (3 * ATHLETES));
