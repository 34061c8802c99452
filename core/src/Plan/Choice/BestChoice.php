<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Choice;

/**
 * The cheapest choice for everybody. To eight people it is the best one, searched to its end; beyond, the search ends when the
 * gap to what nobody can go below is at most a twentieth, or after so many branches.
 */
final readonly class BestChoice
{
    public const EXACT_TO = 8;
    public const GAP = 0.05;

    /** Branches of a large class: about a tenth of a second. */
    private const MOST_BRANCHES = 3_000;

    /**
     * @param list<int> $chosen option by person
     */
    private function __construct(
        public array $chosen,
        public float $cost,
        /** What no choice can cost less than; the cost itself: this is the best one. */
        public float $bound,
    ) {
    }

    public static function of(Choices $choices): self
    {
        $exact = $choices->people() <= self::EXACT_TO;
        $first = FirstChoice::of($choices);
        $cost = (float) $choices->cost($first);
        $lower = LowerBound::of($choices, $cost);
        $found = new self($first, $cost, min($cost, $lower->value));
        if ($found->gap() <= ($exact ? 0.0 : self::GAP)) {
            return $found;
        }
        $search = new BranchSearch($choices, $lower, $first, $cost, $exact ? \PHP_INT_MAX : self::MOST_BRANCHES);
        $search->run();

        return new self($search->best(), $search->cost(), $search->isDone() ? $search->cost() : min($search->cost(), $lower->value));
    }

    /** By what share it may be dearer than the best one. */
    public function gap(): float
    {
        $over = $this->cost - $this->bound;

        return $over <= 1e-9 ? 0.0 : $over / $this->cost;
    }
}
