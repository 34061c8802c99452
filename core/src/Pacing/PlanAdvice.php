<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Pacing\Desk\DoublesPlan;

/**
 * What a coach should read off a plan: how to break, and whether it matters.
 */
final readonly class PlanAdvice
{
    /** Less than this share of the time and breaks hardly matter. */
    private const HARDLY = 0.02;

    private function __construct(public Verdict $plan, public Verdict $matter)
    {
    }

    /** Whose doubles do not hang together yet: no set of them can be planned. */
    public static function withoutPlan(): self
    {
        return new self(Verdict::of('pacing.no_plan'), Verdict::of('pacing.no_plan_why'));
    }

    public static function of(DoublesPlan $round): self
    {
        $lost = $round->unbrokenS - $round->expectedS;
        $values = ['lost_s' => $lost, 'from' => $round->goodSets['from'], 'to' => $round->goodSets['to']];

        return new self(
            1 === \count($round->plan)
                ? Verdict::of('pacing.unbroken', ['reps' => $round->plan[0]])
                : Verdict::of('pacing.plan', ['plan' => implode('-', $round->plan)]),
            match (true) {
                $round->goodSets['from'] === array_sum($round->plan) => Verdict::of('pacing.no_breaks', $values),
                1 === \count($round->plan) => Verdict::of('pacing.hardly_unbroken', $values),
                $lost < self::HARDLY * $round->expectedS => Verdict::of('pacing.hardly', $values),
                default => Verdict::of('pacing.pays', $values),
            },
        );
    }
}
