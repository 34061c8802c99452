<?php

declare(strict_types=1);

/*
 * The path: gates, news and curves of two hundred athletes with five hundred entries each, and the drills of a stage by
 * every method. Prints milliseconds, and what twice as many athletes cost beside it.
 */

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateCurve;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Path\PathNews;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

require __DIR__.'/../vendor/autoload.php';

const ENTRIES = 500;
const A_SESSION = 12;

$chance = new Randomizer(new Mt19937(5));
$log = static fn (): array => array_map(static fn (int $i): Entry => new Entry(
    CountKind::Streak,
    CountedReps::attempt($chance->getInt(2, 40), 0 === $chance->getInt(0, 4) ? AttemptEnd::Stopped : AttemptEnd::Miss),
    true,
    (string) intdiv($i, A_SESSION),
    false,
    intdiv($i, A_SESSION),
), range(0, ENTRIES - 1));
$gates = GatesInForce::usual(Ways::usual());
$milliseconds = static function (int $athletes) use ($log, $gates): float {
    $logs = array_map(static fn (): array => $log(), range(1, $athletes));
    $start = hrtime(true);
    foreach ($logs as $entries) {
        $read = GateLog::ofEntries(CountKind::Streak, $entries);
        $outlook = GateOutlook::ofLog(Stage::Link, $gates, $read);
        $outlook->advice();
        PathNews::of($outlook, $read->sessions, 30);
        GateCurve::of($outlook->gate, $outlook->recent);
    }

    return (hrtime(true) - $start) / 1e6;
};
$milliseconds(20);
[$one, $two] = [$milliseconds(200), $milliseconds(400)];
printf("outlook, advice, news and curve of 200 athletes with %d entries: %.0f ms (aim: under 1000)\n", ENTRIES, $one);
printf("400 athletes beside 200: %.1f times as long\n", $two / $one);
$start = hrtime(true);
$drills = 0;
foreach (Method::cases() as $method) {
    foreach (Stage::cases() as $stage) {
        $drills += count(DrillTable::ofStage($stage, Ways::of(['method' => $method->value])));
    }
}
printf("drills of every stage by every method, read for the first time: %d in %.1f ms\n", $drills, (hrtime(true) - $start) / 1e6);
$start = hrtime(true);
$all = DrillTable::all();
printf("the whole library of %d drills, patterns read: %.1f ms\n", count($all), (hrtime(true) - $start) / 1e6);
