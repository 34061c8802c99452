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
    private const SIGNS_OF_LOW_JUMPS = [Sign::KneesUp, Sign::HeadBobs, Sign::JumpsHighInSingles, Sign::BigJumpForDouble];

    /** Where the hands lead they are ahead on purpose. */
    private const SIGNS_OF_HANDS_AT_THE_SIDE = [Sign::HandsAhead];

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
            && (Elbows::HandsLead !== $ways->elbows || !\in_array($sign, self::SIGNS_OF_HANDS_AT_THE_SIDE, true))
            && (Arms::Bent === $ways->arms || !\in_array($sign, self::SIGNS_OF_BENT_ARMS, true));
    }

    /**
     * The cues of a fault, the first one first, which a school may say in other words.
     *
     * @return list<string> none for a fault of the rope
     */
    public static function cues(Fault $fault, Ways $ways): array
    {
        $first = match (true) {
            'hands-wide' === $fault->code && Elbows::DrawnBack === $ways->elbows => 'elbows back, on your ribs',
            'hands-wide' === $fault->code && Elbows::HandsLead === $ways->elbows => 'hands where you see them, elbows in',
            'hands-high' === $fault->code && Arms::Long === $ways->arms => 'long arms, hands at your thighs',
            default => null,
        };

        return null === $first ? $fault->cues : [$first, ...\array_slice($fault->cues, 1)];
    }
}
