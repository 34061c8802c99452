<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Measure\Verdict;

/**
 * What a rope of that state does to whoever jumps with it (common practice, no published source).
 */
final class RopeEffects
{
    /**
     * @return list<Verdict>
     */
    public static function of(RopeState $state): array
    {
        return match ($state) {
            RopeState::TooShort, RopeState::Outgrown => [
                Verdict::of('fit.catches_feet'),
                Verdict::of('fit.check_hands_first'),
            ],
            RopeState::TooLong => [Verdict::of('fit.lags'), Verdict::of('fit.lands_in_front')],
            RopeState::OnItsWay => [Verdict::of('fit.lags_a_little')],
            RopeState::Right, RopeState::NotSound, RopeState::Unknown => [],
        };
    }
}
