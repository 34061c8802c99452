<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Choice;

/**
 * A good choice, soon: everybody takes what is cheapest as things stand; then one after the other changes, and options are
 * opened for all who gain, or closed, as long as that makes it cheaper.
 */
final class FirstChoice
{
    private const ROUNDS = 30;

    private function __construct(private readonly Choices $choices)
    {
    }

    /**
     * @return list<int> option by person
     */
    public static function of(Choices $choices): array
    {
        $self = new self($choices);
        $chosen = [];
        foreach (array_keys($choices->costs) as $person) {
            $chosen = $self->withBest($chosen, $person);
        }
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $choices->cost($chosen);
            $chosen = $self->betterByOpening($self->betterByClosing($self->betterOneByOne($chosen)));
            if (null === $before || $choices->cost($chosen) > $before - 1e-9) {
                break;
            }
        }
        ksort($chosen);

        return array_values($chosen);
    }

    /**
     * @param array<int, int> $chosen
     *
     * @return array<int, int>
     */
    private function withBest(array $chosen, int $person): array
    {
        $best = null;
        foreach (array_keys($this->choices->costs[$person]) as $option) {
            $with = [$person => $option] + $chosen;
            $cost = $this->choices->cost($with);
            if (null !== $cost && (null === $best || $cost < $best[0])) {
                $best = [$cost, $with];
            }
        }

        return null === $best ? $chosen : $best[1];
    }

    /**
     * @param array<int, int> $chosen
     *
     * @return array<int, int>
     */
    private function betterOneByOne(array $chosen): array
    {
        foreach (array_keys($chosen) as $person) {
            $chosen = $this->cheaper($chosen, $this->withBest($chosen, $person));
        }

        return $chosen;
    }

    /**
     * @param array<int, int> $chosen
     *
     * @return array<int, int>
     */
    private function betterByOpening(array $chosen): array
    {
        foreach (array_keys($this->choices->needs + $this->choices->opening) as $option) {
            $gains = [];
            foreach ($chosen as $person => $now) {
                $gain = $this->choices->costs[$person][$now] - ($this->choices->costs[$person][$option] ?? \INF);
                if ($now !== $option && $gain > 0.0) {
                    $gains[$person] = $gain;
                }
            }
            arsort($gains);
            $moved = \array_slice($gains, 0, $this->choices->most($option), true);
            $chosen = $this->cheaper($chosen, array_fill_keys(array_keys($moved), $option) + $chosen);
        }

        return $chosen;
    }

    /**
     * @param array<int, int> $chosen
     *
     * @return array<int, int>
     */
    private function betterByClosing(array $chosen): array
    {
        foreach (array_unique($chosen) as $closed) {
            $moved = $chosen;
            foreach (array_keys($chosen, $closed, true) as $person) {
                $others = array_diff_key($this->choices->costs[$person], [$closed => true]);
                $best = null;
                foreach (array_keys($others) as $option) {
                    $with = [$person => $option] + $moved;
                    $cost = $this->choices->cost($with);
                    if (null !== $cost && (null === $best || $cost < $best[0])) {
                        $best = [$cost, $with];
                    }
                }
                $moved = $best[1] ?? $moved;
            }
            $chosen = $this->cheaper($chosen, $moved);
        }

        return $chosen;
    }

    /**
     * @param array<int, int> $now
     * @param array<int, int> $other
     *
     * @return array<int, int>
     */
    private function cheaper(array $now, array $other): array
    {
        $cost = $this->choices->cost($other);

        return null !== $cost && $cost < ($this->choices->cost($now) ?? \INF) - 1e-9 ? $other : $now;
    }
}
