<?php

declare(strict_types=1);

/*
 * Ranking all faults: how many a second, for two signs and for ten, and how often the invented vignettes are named.
 */

use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\RankedFault;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

require __DIR__.'/../core/autoload.php';

/** @var list<array{signs: non-empty-list<string>, stage: string, fault: string}> $vignettes */
$vignettes = json_decode(
    (string) file_get_contents(__DIR__.'/../core/tests/reference/vignettes.json'),
    true,
    8,
    \JSON_THROW_ON_ERROR,
);
$first = $three = 0;
foreach ($vignettes as ['signs' => $signs, 'stage' => $stage, 'fault' => $fault]) {
    $seen = Observed::of(array_map(Sign::from(...), $signs));
    $ranked = Diagnosis::of($seen, Stage::from($stage), RopeFacts::unchecked(), Ways::usual())->ranked;
    $codes = array_map(static fn (RankedFault $one): string => $one->fault->code, array_slice($ranked, 0, 3));
    $first += $codes[0] === $fault ? 1 : 0;
    $three += in_array($fault, $codes, true) ? 1 : 0;
}
$perSecond = static function (int $signs): float {
    $noticed = Observed::of(array_slice(Sign::cases(), 0, max(1, $signs)));
    $start = hrtime(true);
    for ($i = 0; $i < 500; ++$i) {
        Diagnosis::of($noticed, Stage::Link, RopeFacts::unchecked(), Ways::usual());
    }

    return 500e9 / (hrtime(true) - $start);
};
$perSecond(2);
[$two, $ten] = [$perSecond(2), $perSecond(10)];
printf(
    'faults: of %d vignettes the first cause names %d (%.0f %%), the first three %d (%.0f %%); '
    ."%d rankings/s with two signs (%.1f ms each), %d with ten, ratio %.2f\n",
    count($vignettes),
    $first,
    (100 * $first) / count($vignettes),
    $three,
    (100 * $three) / count($vignettes),
    $two,
    1000 / $two,
    $ten,
    $two / $ten,
);
