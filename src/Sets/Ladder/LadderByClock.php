<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderOutlook;

/**
 * A ladder as an interval programme, for the clock of a class: each rung has the time it is expected to take.
 */
final class LadderByClock
{
    private const MOST_S = 600;
    private const LEAST_S = 3;

    /** @return string|null null: a rung takes longer than an interval may */
    public static function text(Ladder $ladder, LadderOutlook $outlook, float $breakS): ?string
    {
        $parts = [];
        foreach ($outlook->rungs as $rung) {
            $seconds = max(self::LEAST_S, (int) ceil($rung->expectedS()));
            if (!is_finite($rung->expectedS()) || $seconds > self::MOST_S) {
                return null;
            }
            $parts[] = \sprintf('%d/%d: %s', $seconds, $breakS, str_replace(',', '', $rung->pattern->text()));
        }

        return $ladder->times > 1 ? '('.implode('; ', $parts).') x'.$ladder->times : implode('; ', $parts);
    }
}
