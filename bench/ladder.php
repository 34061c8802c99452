<?php

declare(strict_types=1);

/*
 * A rising ladder of 30 rungs for a tiring athlete: chances, tries and times; one fitted to twelve minutes for somebody who
 * hardly ever misses, so that every top is in reach. Prints the expected seconds, ms, and ms of the fit.
 */

use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderAim;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderFit;
use Zumbo\Core\Sets\Ladder\LadderOutlook;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\Ladder\LadderWish;
use Zumbo\Core\Sets\Ladder\MissRule;
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
$ladderMs = (hrtime(true) - $start) / 50e6;
$fit = static fn (): LadderFit => LadderFit::of(
    LadderWish::of(LadderFamily::Pyramid, LadderAim::Practise, rule: MissRule::StepDown, minutes: 12.0, contacts: 600),
    new LadderPace(Hazard::constant(0.001), Hazard::weibull(400, 1.2), 0.5, 0.58, 5.0, 8.0),
);
$fit();
$start = hrtime(true);
for ($i = 0; $i < 10; ++$i) {
    $fit();
}
printf("%.6f %.4f %.1f\n", $expected, $ladderMs, (hrtime(true) - $start) / 10e6);
