<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Body\Health;

/**
 * What comes before any cue, in the order in which it is asked: may they jump, the load, the rope, and only then how they
 * jump.
 */
enum Action: string
{
    case StopUntilProfessionalClears = 'stop-until-professional-clears';
    case StopUntilCoachClears = 'stop-until-coach-clears';
    case StopToday = 'stop-today';
    /** Shorter sets, breaks, less: not technique. */
    case ChangeLoad = 'change-load';
    case ChangeRope = 'change-rope';
    case GoOn = 'go-on';

    /** @return self|null null: their health says nothing against jumping */
    public static function ofHealth(Health $health): ?self
    {
        return match (true) {
            !$health->noJumping => null,
            $health->professionalClears() => self::StopUntilProfessionalClears,
            default => self::StopUntilCoachClears,
        };
    }

    public function isStop(): bool
    {
        return \in_array($this, [self::StopUntilProfessionalClears, self::StopUntilCoachClears, self::StopToday], true);
    }
}
