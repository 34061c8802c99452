<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\Sign;

/**
 * A coach who watches somebody with one true fault: looks at some places only, overlooks signs, imagines others, and says
 * of some that they are fine. How often signs come differs from the table by up to a third. Knows nothing of the ranking.
 */
final class SimulatedObserver
{
    private const LOOKS_AT_A_PLACE = 0.55;
    private const OVERLOOKS = 0.2;
    private const SAYS_FINE = 0.15;
    private const RATES = ['usual' => 0.75, 'often' => 0.45, 'sometimes' => 0.2];

    private Randomizer $chance;

    public function __construct(int $seed, private float $imagines)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param non-empty-list<Fault> $faults
     * @param list<float>           $odds   of each, relative
     */
    public function fault(array $faults, array $odds): Fault
    {
        $at = $this->number() * array_sum($odds);
        foreach ($faults as $i => $fault) {
            $at -= $odds[$i];
            if ($at <= 0) {
                return $fault;
            }
        }

        return $faults[0];
    }

    /**
     * @return array{list<Sign>, list<Sign>} seen, fine
     */
    public function watch(Fault $fault): array
    {
        $rates = [];
        foreach ($fault->evidence as $evidence) {
            $rates[$evidence->sign->value] = self::RATES[$evidence->likelihood->value] * (0.67 + 0.66 * $this->number());
        }
        $looked = $seen = $fine = [];
        foreach (Sign::cases() as $sign) {
            $place = $sign->place()->value;
            $looked[$place] ??= $this->number() < self::LOOKS_AT_A_PLACE;
            if (!$looked[$place]) {
                continue;
            }
            $there = $this->number() < ($rates[$sign->value] ?? 0.0) && $this->number() >= self::OVERLOOKS;
            if ($there || $this->number() < $this->imagines) {
                $seen[] = $sign;
            } elseif ($this->number() < self::SAYS_FINE) {
                $fine[] = $sign;
            }
        }

        return [$seen, $fine];
    }

    private function number(): float
    {
        return $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }
}
