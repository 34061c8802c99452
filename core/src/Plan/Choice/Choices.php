<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Choice;

/**
 * What some people may choose from: what each choice costs each of them, what an option in use costs once, and what there is
 * only so much of. A facility location problem with shared stocks; people and options go by number.
 */
final readonly class Choices
{
    /**
     * @param non-empty-list<non-empty-array<int, float>> $costs   of each person, by the options they may take; from 0
     * @param array<int, float>                           $opening what an option costs once when anybody takes it; from 0, else 0
     * @param array<int, list<string>>                    $needs   things of which whoever takes the option holds one
     * @param array<string, int>                          $stock   how many there are of a thing; left out: enough for everybody
     */
    private function __construct(
        public array $costs,
        public array $opening,
        public array $needs,
        public array $stock,
    ) {
    }

    /**
     * @param list<array<int, float>>  $costs
     * @param array<int, float>        $opening
     * @param array<int, list<string>> $needs
     * @param array<string, int>       $stock
     *
     * @throws NothingToChoose when somebody has no option that is always there
     */
    public static function of(array $costs, array $opening, array $needs, array $stock): self
    {
        $sound = [];
        foreach ($costs as $person => $own) {
            $free = array_filter(
                $own,
                static fn (int $option): bool => [] === array_intersect($needs[$option] ?? [], array_keys($stock)),
                \ARRAY_FILTER_USE_KEY,
            );
            if ([] === $own || [] === $free) {
                throw NothingToChoose::for($person);
            }
            $sound[] = $own;
        }

        return new self([] === $sound ? throw NothingToChoose::for(0) : $sound, $opening, $needs, $stock);
    }

    public function people(): int
    {
        return \count($this->costs);
    }

    /** How many can take an option at once. */
    public function most(int $option): int
    {
        $most = $this->people();
        foreach ($this->needs[$option] ?? [] as $thing) {
            $most = min($most, $this->stock[$thing] ?? $most);
        }

        return $most;
    }

    /**
     * @param array<int, int> $chosen option by person
     *
     * @return float|null null: more is used than there is
     */
    public function cost(array $chosen): ?float
    {
        $cost = 0.0;
        $used = [];
        foreach ($chosen as $person => $option) {
            $cost += $this->costs[$person][$option];
            foreach ($this->needs[$option] ?? [] as $thing) {
                $used[$thing] = ($used[$thing] ?? 0) + 1;
                if (isset($this->stock[$thing]) && $used[$thing] > $this->stock[$thing]) {
                    return null;
                }
            }
        }
        foreach (array_unique($chosen) as $option) {
            $cost += $this->opening[$option] ?? 0.0;
        }

        return $cost;
    }
}
