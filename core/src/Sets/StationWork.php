<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Stage\Stage;

/**
 * How many contacts a minute at a station costs, by the words a coach gives it: hand work none, hops about 100, tall
 * singles and the rest by their beat, doubles as many as somebody of that stage brings together with the restarts
 * (20 in 20 s, 25 from Hold on: common practice, no published source; the rest is our assumption). An unknown name costs
 * what the set's own beat costs.
 */
final class StationWork
{
    /** What is done without a landing. */
    private const STILL = '/one.?hand|side (turn|swing)|hand ?work|handle|elbow|mirror|plank|hollow|stretch|rest|breath|watch|listen|'
        .'\bsit|seated|standing/i';

    /** words → contacts a minute; the first that is met counts */
    private const RATES = [
        '/double bounce/i' => 160.0,
        '/tall|power|slow single/i' => 103.0,
        '/without (a )?rope|no rope|hop|pogo/i' => 100.0,
        '/clap|bar/i' => 60.0,
        '/single|bounce|step|jog|run/i' => 95.0,
    ];
    private const DOUBLES = 60.0;
    private const STRONG_DOUBLES = 75.0;

    /** @param float $otherwise contacts a minute of a station nobody knows */
    public static function contactsPerMinute(string $station, Stage $stage, float $otherwise): float
    {
        if (1 === preg_match(self::STILL, $station) || self::isNoJumpDrill($station)) {
            return 0.0;
        }
        if (1 === preg_match('/double(?! bounce)|\bdu\b/i', $station)) {
            return $stage->isBefore(Stage::Hold) ? self::DOUBLES : self::STRONG_DOUBLES;
        }
        foreach (self::RATES as $words => $rate) {
            if (1 === preg_match($words, $station)) {
                return $rate;
            }
        }

        return $otherwise;
    }

    private static function isNoJumpDrill(string $station): bool
    {
        return true === DrillTable::titled($station)?->isWithoutLandings();
    }
}
