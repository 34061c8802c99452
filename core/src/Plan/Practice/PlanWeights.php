<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * What a plan weighs, in one table: the sum over everybody is made as small as it goes. All our assumption; what must never
 * happen (cautions, contacts, equipment, methods) is no weight but left out beforehand.
 */
final class PlanWeights
{
    /** A drill more that the coach has to show. */
    public const EXPLAIN = 5.0;

    /** Each place further in turn. */
    public const PER_TURN = 0.6;

    /** One focus: a drill that does nothing for the fault at work. */
    public const BESIDE_THE_FAULT = 4.0;

    /** Another drill against it than its own. */
    public const HELPS_WITH_THE_FAULT = 1.0;

    /** Each ten points by which somebody makes a set less often than 85 times in 100. */
    public const TENTH_TOO_HARD = 1.0;

    /** Who may jump rather does than stands still. */
    public const STANDING_STILL = 2.0;

    /** At the end: each stage that something easy lies further back. */
    public const PER_STAGE_BACK = 0.3;

    /** An easy end beside a game, for who has seen enough misses. */
    public const GAME = 0.5;

    /** By how much chance may change the order of focus and finish: another seed is another plan. The main set goes by turn. */
    public const CHANCE = 1.5;

    /** Practice at about 85 in 100 (R. C. Wilson et al., Nature Communications 10:4646 (2019)). */
    public const AIM = 0.85;

    /** So many with one fault are a group. */
    public const A_GROUP = 3;
}
