<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Measure\Verdict;

/**
 * A practice: who does what in each of its parts, for how long and why. The same wish, people and seed give the same one.
 */
final readonly class Practice
{
    /**
     * @param array<string, int>           $sections seconds by Slot, in order
     * @param array<string, list<Block>>   $blocks   by participant, in order; empty: they sit out
     * @param list<Verdict>                $notes    what gives, of the whole
     * @param array<string, list<Verdict>> $notesOf  the same of one participant
     */
    public function __construct(
        public array $sections,
        public array $blocks,
        public array $notes,
        public array $notesOf,
        /** What it weighs, and what no plan could weigh less than. */
        public float $cost,
        public float $bound,
    ) {
    }

    /** At most, of all blocks together. */
    public function contacts(string $participant): int
    {
        return array_sum(array_map(static fn (Block $block): int => $block->contacts, $this->blocks[$participant] ?? []));
    }

    public function block(string $participant, Slot $slot): ?Block
    {
        foreach ($this->blocks[$participant] ?? [] as $block) {
            if ($block->slot === $slot) {
                return $block;
            }
        }

        return null;
    }

    /** By what share it may weigh more than the best one. */
    public function gap(): float
    {
        return $this->cost <= $this->bound + 1e-9 ? 0.0 : ($this->cost - $this->bound) / $this->cost;
    }
}
