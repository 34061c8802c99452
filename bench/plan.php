<?php

declare(strict_types=1);

/*
 * A practice for one, and for 5 to 80 athletes of all stages; four weeks for twenty. Prints ms: for one, for 5, 10, 20, 40, 80, the
 * largest gap to the bound, and for the weeks.
 */

use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Plan\Practice\FaultAtWork;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PlanPractice;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Weeks\WeeksPlan;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;

require __DIR__.'/../core/autoload.php';

$draws = new Draws(20);
$codes = FaultTable::codes();
$athlete = static fn (int $i): Participant => new Participant(
    'p'.$i,
    Stage::cases()[$i % 10],
    Ways::of(['method' => ['pattern', 'pattern', 'even-jump', 'same-jump'][$i % 4]]),
    Allowance::all((int) $draws->between(100, 1200), 3000),
    (int) $draws->between(0, 12),
    0 === $i % 3 ? new FaultAtWork($codes[(int) $draws->between(0, count($codes))], null) : null,
    [],
    new LadderPace(Hazard::usualSingles(), Hazard::constant($draws->between(0.01, 0.3)), 0.5, 0.58, 5.0, 8.0),
);
$things = ['bar' => 1, 'band' => 4, 'towel' => 10, 'mirror' => 1, 'mat' => 6, 'step' => 2, 'partner' => 100];
$shelf = DrillShelf::library();
$gap = 0.0;
$ms = static function (int $people, int $times) use ($athlete, $things, $shelf, &$gap): float {
    $class = array_map($athlete, range(1, $people));
    $all = [];
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $practice = PlanPractice::of(PracticeWish::of(30, equipment: $things, seed: $i), $class, $shelf);
        $all[] = (hrtime(true) - $start) / 1e6;
        $gap = max($gap, $practice->gap());
    }
    sort($all);

    return $all[intdiv($times, 2)];
};
$ms(5, 3);
printf('%.1f ', $ms(1, 9));
foreach ([5, 10, 20, 40, 80] as $people) {
    printf('%.0f ', $ms($people, 3));
}
$start = hrtime(true);
for ($i = 0; $i < 20; ++$i) {
    WeeksPlan::of(WeeksWish::of(Stage::cases()[$i % 10], [2, 4, 6], weeksContacts: [800, 900, 1000]));
}
printf('%.1f %.1f', 100 * $gap, (hrtime(true) - $start) / 1e6);
