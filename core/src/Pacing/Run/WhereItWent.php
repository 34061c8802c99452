<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * Where the seconds of a workout went, beside its plan.
 */
final readonly class WhereItWent
{
    /** A first station quicker than planned by this share was too fast when the later ones pay for it (our assumption). */
    private const TOO_FAST = 0.1;

    /** A leg is as planned when it is off by less than this share (our assumption). */
    private const AS_PLANNED = 0.15;

    /** So much of what was lost lies in one leg: a mishap (our assumption). */
    private const MOST = 0.6;

    /**
     * @param list<TouchedLegs> $touched
     */
    public function __construct(public array $touched)
    {
    }

    /**
     * Seconds later than planned at the rope, or at what is not the rope; a touch that holds both tells nothing.
     */
    public function late(bool $rope): float
    {
        $late = 0.0;
        foreach ($this->touched as $one) {
            $kinds = array_unique(array_map(static fn (DoneLeg $leg): bool => $leg->leg->isRope(), $one->legs));
            $late += $kinds === [$rope] ? $one->lateS() : 0.0;
        }

        return $late;
    }

    /**
     * The first round's rope quicker than planned, the later rounds slower, and each slower than the one before it.
     */
    public function tooFast(): bool
    {
        $ratios = $this->ratioByRound();
        $first = array_shift($ratios);
        if (null === $first || [] === $ratios || $first > 1 - self::TOO_FAST) {
            return false;
        }

        return end($ratios) > 1 + self::AS_PLANNED && array_sum($ratios) / \count($ratios) > 1 + self::AS_PLANNED;
    }

    /**
     * @return list<float> of each round's rope: taken to planned
     */
    private function ratioByRound(): array
    {
        $taken = [];
        $planned = [];
        foreach ($this->touched as $one) {
            $single = $one->single();
            if (null !== $single && $single->leg->isRope()) {
                $round = $single->leg->round;
                $taken[$round] = ($taken[$round] ?? 0.0) + $one->takenS;
                $planned[$round] = ($planned[$round] ?? 0.0) + $one->plannedS;
            }
        }

        return array_map(
            static fn (float $time, float $plan): float => $plan > 0.0 ? $time / $plan : 1.0,
            $taken,
            $planned,
        );
    }

    /**
     * Nearly all of it was lost in one leg of several, and the others were as planned.
     */
    public function mishap(float $ropeLate): bool
    {
        $rope = array_values(array_filter($this->touched, static fn (TouchedLegs $one): bool => true === $one->single()?->leg->isRope()));
        usort($rope, static fn (TouchedLegs $a, TouchedLegs $b): int => $b->lateS() <=> $a->lateS());
        $worst = array_shift($rope);
        if (null === $worst || [] === $rope || $worst->lateS() < self::MOST * $ropeLate) {
            return false;
        }
        $others = array_sum(array_map(static fn (TouchedLegs $one): float => $one->lateS(), $rope));
        $planned = array_sum(array_map(static fn (TouchedLegs $one): float => $one->plannedS, $rope));

        return abs($others) < self::AS_PLANNED * $planned;
    }

    public function lateAfterPauses(): float
    {
        $late = 0.0;
        foreach ($this->touched as $one) {
            $leg = $one->single()?->leg;
            $late += null !== $leg && $leg->isRope() && $leg->pauseS > 0.0 ? $one->lateS() : 0.0;
        }

        return $late;
    }

    public function slowWithoutMisses(): bool
    {
        $taken = $work = 0.0;
        foreach ($this->touched as $one) {
            $leg = $one->single();
            if (null !== $leg && $leg->leg->isRope() && 0 === $leg->misses) {
                $taken += $one->takenS;
                $work += $leg->leg->workS + $leg->leg->pauseS;
            }
        }

        return $work > 0.0 && $taken > (1 + self::AS_PLANNED) * $work;
    }
}
