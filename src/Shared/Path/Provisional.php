<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Path;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Path\GateOutlook;

/**
 * Whether a stage that two minutes showed is still to be confirmed: until a coach says so, or five entries at it do.
 */
final class Provisional
{
    public static function is(Judged $judged): bool
    {
        return null !== $judged->athlete->placedOn()
            && $judged->sums->entriesAt($judged->athlete->stage(), $judged->athlete->placedOn()) < GateOutlook::LEAST_ENTRIES;
    }
}
