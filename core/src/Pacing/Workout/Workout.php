<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * What is on the whiteboard: rounds of stations, and what ends them.
 */
final readonly class Workout
{
    public const MOST_REPS = 1000;
    public const MOST_ROUNDS = 60;
    public const LONGEST_S = 7200;

    /**
     * @param non-empty-list<WorkoutBlock> $blocks   one after the other
     * @param int                          $windowS  of all (as many rounds as fit), or of a round; 0: none
     * @param int                          $betweenS rest between two intervals
     * @param int|null                     $capS     it ends then, done or not
     */
    public function __construct(
        public WorkoutForm $form,
        public array $blocks,
        public int $windowS = 0,
        public int $betweenS = 0,
        public ?int $capS = null,
    ) {
    }

    /**
     * A rest at the very end is none: the clock has stopped.
     *
     * @return non-empty-list<list<Station>> round by round; of as many rounds as fit: one
     */
    public function rounds(): array
    {
        $rounds = [];
        foreach ($this->blocks as $block) {
            $rounds = [...$rounds, ...$block->rounds()];
        }
        $last = \count($rounds) - 1;
        if (WorkoutForm::ForTime === $this->form) {
            while ([] !== $rounds[$last] && StationKind::Rest === $rounds[$last][\count($rounds[$last]) - 1]->kind) {
                array_pop($rounds[$last]);
            }
        }

        return $rounds;
    }

    /** Of all rounds; as many as fit: of one. */
    public function doubles(): int
    {
        return self::repsIn($this->rounds(), StationKind::Doubles);
    }

    /** Takes so long whatever the rope does; as many as fit: in one round. */
    public function fixedS(): float
    {
        $seconds = 0.0;
        foreach ($this->rounds() as $stations) {
            $seconds += array_sum(array_map(static fn (Station $one): float => $one->seconds, $stations));
        }

        return $seconds + $this->betweenS * (\count($this->rounds()) - 1);
    }

    /**
     * The same with other stations in each round, as when it is scaled.
     *
     * @param callable(list<Station>, int): list<Station> $scaled
     */
    public function withStations(callable $scaled): self
    {
        $rounds = $this->rounds();

        return new self(
            $this->form,
            self::blocksOf(array_map($scaled, $rounds, array_keys($rounds))),
            $this->windowS,
            $this->betweenS,
            $this->capS,
        );
    }

    /** No more doubles than these at a station. */
    public function cutTo(int $most): self
    {
        return $this->withStations(static fn (array $stations): array => array_map(
            static fn (Station $one): Station => $one->isDoubles() ? Station::doubles(min($most, $one->reps)) : $one,
            $stations,
        ));
    }

    /** Only its first rounds. */
    public function firstRounds(int $many): self
    {
        $kept = \array_slice($this->rounds(), 0, max(1, $many));

        return new self(
            $this->form,
            self::blocksOf($kept),
            $this->windowS,
            $this->betweenS,
            $this->capS,
        );
    }

    /**
     * @param list<Station> $some
     * @param list<Station> $more
     */
    private static function alike(array $some, array $more): bool
    {
        $told = static fn (Station $one): array => [$one->kind, $one->name, $one->reps, $one->seconds, $one->tires];

        return array_map($told, $some) === array_map($told, $more);
    }

    /**
     * Rounds that are alike, one after the other, are one block.
     *
     * @param non-empty-list<list<Station>> $rounds
     *
     * @return non-empty-list<WorkoutBlock>
     */
    private static function blocksOf(array $rounds): array
    {
        $blocks = [];
        $last = null;
        foreach ($rounds as $stations) {
            if (null !== $last && self::alike($last->stations, $stations)) {
                array_pop($blocks);
                $blocks[] = $last = new WorkoutBlock($stations, $last->times + 1, null, []);
            } else {
                $blocks[] = $last = new WorkoutBlock($stations, 1, null, []);
            }
        }

        return $blocks;
    }

    /**
     * @param list<list<Station>> $rounds
     */
    private static function repsIn(array $rounds, StationKind $kind): int
    {
        $reps = 0;
        foreach ($rounds as $stations) {
            foreach ($stations as $one) {
                $reps += $one->kind === $kind ? $one->reps : 0;
            }
        }

        return $reps;
    }
}
