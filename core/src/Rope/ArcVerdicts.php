<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * What a coach should read off a turning rope: the headline, and one verdict for each thing the picture shows.
 */
final readonly class ArcVerdicts
{
    /** Less spare arc than this is no learner's room any more: the rope just brushes the floor (our assumption). */
    private const SNUG_M = 0.03;

    /** Hands less uneven than this are even. */
    private const UNEVEN_M = 0.02;

    private function __construct(
        public Verdict $headline,
        public Verdict $overHead,
        public Verdict $atFloor,
        public Verdict $wideHands,
        public Verdict $ceiling,
        /** How uneven or raised hands cost. */
        public Verdict $hands,
    ) {
    }

    /** @param Length|null $hall how high the hall is; null: not known */
    public static function of(
        HeldRope $held,
        Clearance $clearance,
        FloorContact $contact,
        WidthPenalty $penalty,
        ?Length $hall = null,
    ): self {
        $cable = ['cable_m' => $held->rope->cable->metres()];
        $spare = -$clearance->floor->metres();

        return new self(
            match (true) {
                $spare < 0 => Verdict::of('arc.headline_short', $cable + ['missing_m' => -$spare]),
                $spare < self::SNUG_M => Verdict::of('arc.headline_snug', $cable),
                default => Verdict::of('arc.headline_spare', $cable + ['spare_arc_m' => $spare]),
            },
            self::head($clearance->head),
            $spare < 0
                ? Verdict::of('arc.passes_above', ['missing_m' => -$spare])
                : Verdict::of('arc.drags', ['spare_arc_m' => $spare, 'dragging_m' => $contact->dragging->metres()]),
            null === $penalty->rise
                ? Verdict::of('arc.cannot_reach', ['each_hand_m' => $penalty->eachHand->metres()])
                : Verdict::of('arc.wide_hands', [
                    'each_hand_m' => $penalty->eachHand->metres(),
                    'rise_m' => $penalty->rise->metres(),
                ]),
            self::ceiling($clearance->ceiling->metres(), $hall?->metres()),
            $held->hands->uneven()->metres() >= self::UNEVEN_M
                ? Verdict::of('arc.uneven', ['uneven_m' => $held->hands->uneven()->metres()])
                : Verdict::of('arc.hands_up', ['up_m' => $penalty->eachHand->metres()]),
        );
    }

    /** Where it comes down, seen from the side. */
    public static function ahead(SideView $side): Verdict
    {
        $ahead = $side->aheadOfToes()?->metres();

        return match (true) {
            null === $ahead => Verdict::of('arc.meets_nowhere'),
            $ahead < 0 => Verdict::of('arc.meets_behind', ['ahead_m' => -$ahead]),
            default => Verdict::of('arc.meets_ahead', ['ahead_m' => $ahead]),
        };
    }

    private static function ceiling(float $neededM, ?float $hallM): Verdict
    {
        $values = ['ceiling_m' => $neededM];

        return match (true) {
            null === $hallM => Verdict::of('arc.ceiling', $values),
            $hallM < $neededM => Verdict::of('arc.ceiling_low', $values + ['missing_m' => $neededM - $hallM]),
            default => Verdict::of('arc.ceiling_high', $values + ['hall_m' => $hallM]),
        };
    }

    private static function head(?Length $clearance): Verdict
    {
        return match (true) {
            null === $clearance => Verdict::of('arc.head_unknown'),
            $clearance->metres() < 0 => Verdict::of('arc.hits_head', ['missing_m' => -$clearance->metres()]),
            default => Verdict::of('arc.over_head', ['head_clearance_m' => $clearance->metres()]),
        };
    }
}
