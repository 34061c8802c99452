<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Method\Arms;
use Zumbo\Core\Method\Elbows;
use Zumbo\Core\Method\JumpHeight;
use Zumbo\Core\Method\Ways;

/**
 * What counts as a fault, and what is said to it, by how the arms and legs are taught (common practice, no published
 * source): what one school corrects another one teaches.
 */
final class FaultsBySchool
{
    /** Taught on purpose where one jumps high with lifted knees. */
    private const OF_LOW_JUMPS = ['jump-high', 'knee-tuck'];
    private const SIGNS_OF_LOW_JUMPS = [Sign::KneesUp, Sign::HeadBobs, Sign::BigJumpForDouble];

    /** Straight arms are what is taught: that they are stiff the shoulders tell. */
    private const SIGNS_OF_BENT_ARMS = [Sign::StiffArms];

    /**
     * @return non-empty-list<Fault> those that are faults by these ways
     */
    public static function faults(Ways $ways): array
    {
        $all = FaultTable::all();
        if (JumpHeight::Lowest === $ways->height) {
            return $all;
        }
        $left = array_values(array_filter(
            $all,
            static fn (Fault $fault): bool => !\in_array($fault->code, self::OF_LOW_JUMPS, true),
        ));

        return [] === $left ? $all : $left;
    }

    public static function isSign(Sign $sign, Ways $ways): bool
    {
        return (JumpHeight::Lowest === $ways->height || !\in_array($sign, self::SIGNS_OF_LOW_JUMPS, true))
            && (Arms::Bent === $ways->arms || !\in_array($sign, self::SIGNS_OF_BENT_ARMS, true));
    }

    /** The cue of a fault, where a school says it in other words. */
    public static function cue(Fault $fault, Ways $ways): string
    {
        return match (true) {
            'hands-wide' === $fault->code && Elbows::DrawnBack === $ways->elbows => 'elbows back, on your ribs',
            'hands-wide' === $fault->code && Elbows::HandsLead === $ways->elbows => 'hands where you see them, elbows in',
            'hands-high' === $fault->code && Arms::Long === $ways->arms => 'long arms, hands at your thighs',
            default => $fault->cue,
        };
    }
}
