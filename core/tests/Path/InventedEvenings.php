<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Path\SessionSum;

/**
 * Evenings of athletes whose truth is known. An evening's rate is beta-distributed around theirs, drawn by sums of
 * exponentials: nothing of the code that judges them is used.
 */
final class InventedEvenings
{
    private readonly Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @return list<SessionSum> from one rate to another, changing by the same factor each evening
     */
    public function evenings(float $from, float $to, int $tries, int $count, int $day = 0): array
    {
        $evenings = [];
        for ($i = 0; $i < $count; ++$i) {
            $rate = $from * ($to / $from) ** ($i / max(1, $count - 1));
            $tonight = $this->eveningRate($rate);
            $tried = (int) round($tries * (0.7 + 0.6 * $this->draw()));
            $misses = 0;
            for ($try = 0; $try < $tried; ++$try) {
                $misses += $this->draw() < $tonight ? 1 : 0;
            }
            $evenings[] = new SessionSum($tried - $misses, $misses, 5, false, false, $day + $i);
        }

        return $evenings;
    }

    /** Beta(a, b) of whole a and b: a sum of a exponentials by that of a + b; they come to a hundred together. */
    private function eveningRate(float $rate): float
    {
        $a = max(1, (int) round(100 * $rate));
        $sum = fn (int $n): float => -array_sum(array_map(fn (): float => log(1 - $this->draw()), range(1, $n)));
        $first = $sum($a);

        return $first / ($first + $sum(100 - $a));
    }

    public function draw(): float
    {
        return $this->chance->getInt(0, (1 << 30) - 1) / (1 << 30);
    }
}
