<?php

declare(strict_types=1);

/*
 * Ropes to athletes: 200 × 300, and growth from 50 to 400 beside n³; a cut list for 30. Prints ms, and the served and
 * cost of the large table to compare.
 */

use Zumbo\Core\Gear\Assignment;
use Zumbo\Core\Gear\CutList;

require __DIR__.'/../core/autoload.php';

$table = static function (int $rows, int $columns, int $seed): array {
    $draw = static function () use (&$seed): int {
        $seed = (1_103_515_245 * $seed + 12_345) % 2_147_483_648;

        return $seed >> 8;
    };
    $cost = [];
    for ($row = 0; $row < $rows; ++$row) {
        $line = [];
        for ($column = 0; $column < $columns; ++$column) {
            $line[] = $draw() % 100 < 35 ? null : (float) ($draw() % 400);
        }
        $cost[] = $line;
    }

    return $cost;
};
$milliseconds = static function (callable $work): float {
    $work();
    $start = hrtime(true);
    $work();

    return (hrtime(true) - $start) / 1e6;
};
$large = $table(200, 300, 7);
$found = Assignment::of($large);
printf('%d %.0f %.1f', $found->served, $found->cost, $milliseconds(static fn (): Assignment => Assignment::of($large)));
foreach ([50, 100, 200, 400] as $n) {
    $square = $table($n, $n, $n);
    printf(' %.1f', $milliseconds(static fn (): Assignment => Assignment::of($square)));
}
$pieces = [];
for ($i = 0; $i < 30; ++$i) {
    $pieces[] = [1.95 + (($i * 37) % 80) / 100, 1];
}
$list = CutList::of($pieces, 30.0, 0.14, 0.002);
printf(
    " %.2f %d %s\n",
    $milliseconds(static fn (): CutList => CutList::of($pieces, 30.0, 0.14, 0.002)),
    $list->stockUsed,
    $list->proven ? 'proven' : 'bound',
);
