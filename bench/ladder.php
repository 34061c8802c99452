<?php

declare(strict_types=1);

/*
 * A rising ladder of 30 rungs for a tiring athlete: chances, tries and times. Prints the expected seconds and ms.
 */

use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderOutlook;
use Zumbo\Core\Streak\Hazard;

require __DIR__.'/../core/autoload.php';

$outlook = static fn (): LadderOutlook => LadderOutlook::of(
    Ladder::of(LadderFamily::Rising, 30),
    Hazard::constant(0.004),
    Hazard::weibull(40, 1.5),
    0.5,
    0.58,
    5.0,
    8.0,
);
$expected = 0.0;
for ($i = 0; $i < 20; ++$i) {
    $expected = $outlook()->expectedS();
}
$start = hrtime(true);
for ($i = 0; $i < 50; ++$i) {
    $outlook();
}
printf("%.6f %.4f\n", $expected, (hrtime(true) - $start) / 50e6);
