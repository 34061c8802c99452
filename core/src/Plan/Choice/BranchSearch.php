<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Choice;

/**
 * Depth first through everybody's options, the person with most to lose first, past whatever can't beat the best one found.
 */
final class BranchSearch
{
    private int $branches = 0;

    /** @var array<int, int> option by person, so far */
    private array $chosen = [];

    /** @var array<int, int> how many have taken an option */
    private array $takers = [];

    /** @var array<string, int> how many of a thing are used */
    private array $used = [];

    /**
     * @param list<int> $best a choice to begin with
     */
    public function __construct(
        private readonly Choices $choices,
        private readonly LowerBound $lower,
        private array $best,
        private float $cost,
        private readonly int $mostBranches,
    ) {
    }

    public function run(): void
    {
        $people = array_keys($this->choices->costs);
        $regret = array_map(static function (array $own): float {
            sort($own);

            return ($own[1] ?? \INF) - $own[0];
        }, $this->choices->costs);
        usort($people, static fn (int $one, int $other): int => [$regret[$other], $one] <=> [$regret[$one], $other]);
        $this->branch($people, 0.0);
    }

    /** Whether it came to its end: nothing is cheaper. */
    public function isDone(): bool
    {
        return $this->branches < $this->mostBranches;
    }

    /**
     * @return list<int>
     */
    public function best(): array
    {
        return $this->best;
    }

    public function cost(): float
    {
        return $this->cost;
    }

    /**
     * @param list<int> $left
     */
    private function branch(array $left, float $spent): void
    {
        if ([] === $left) {
            if ($spent < $this->cost - 1e-9) {
                $this->cost = $spent;
                $best = $this->chosen;
                ksort($best);
                $this->best = array_values($best);
            }

            return;
        }
        if (++$this->branches >= $this->mostBranches
            || $spent + $this->lower->ofRest($left, $this->takers, $this->used) >= $this->cost - 1e-9) {
            return;
        }
        $person = array_shift($left);
        $prices = [];
        foreach ($this->choices->costs[$person] as $option => $cost) {
            $prices[$option] = $cost + (isset($this->takers[$option]) ? 0.0 : $this->choices->opening[$option] ?? 0.0);
        }
        asort($prices);
        foreach ($prices as $option => $price) {
            if ($spent + $price < $this->cost - 1e-9 && $this->take($person, $option)) {
                $this->branch($left, $spent + $price);
                $this->giveBack($person, $option);
            }
        }
    }

    private function take(int $person, int $option): bool
    {
        foreach ($this->choices->needs[$option] ?? [] as $thing) {
            if (($this->used[$thing] ?? 0) >= ($this->choices->stock[$thing] ?? \PHP_INT_MAX)) {
                return false;
            }
        }
        foreach ($this->choices->needs[$option] ?? [] as $thing) {
            $this->used[$thing] = ($this->used[$thing] ?? 0) + 1;
        }
        $this->chosen[$person] = $option;
        $this->takers[$option] = ($this->takers[$option] ?? 0) + 1;

        return true;
    }

    private function giveBack(int $person, int $option): void
    {
        foreach ($this->choices->needs[$option] ?? [] as $thing) {
            --$this->used[$thing];
        }
        unset($this->chosen[$person]);
        if (0 === --$this->takers[$option]) {
            unset($this->takers[$option]);
        }
    }
}
