<?php

declare(strict_types=1);

namespace Zumbo\Core\Hall;

use Zumbo\Core\Numeric\Draws;

/**
 * Circles of their own radius pushed apart until none lies over another, from several seeded starts: for halls where no
 * rows fit. What it finds is right; that it finds nothing proves nothing.
 */
final class Nudging
{
    private const STARTS = 24;
    private const STEPS = 400;

    /** They are pushed a little further than needed, so that rounding leaves none over another. */
    private const ROOMY = 1.0005;

    /** Beyond that many pairs to look at, fewer starts. */
    private const WORK = 600_000;

    /**
     * @param non-empty-list<float> $radiiM
     *
     * @return list<Spot>|null null: none was found
     */
    public static function spots(Room $room, array $radiiM): ?array
    {
        $pairs = max(1, intdiv(\count($radiiM) * (\count($radiiM) - 1), 2));
        $starts = max(2, min(self::STARTS, intdiv(self::WORK, $pairs * self::STEPS)));
        $draws = new Draws(\count($radiiM));
        for ($start = 0; $start < $starts; ++$start) {
            // Neighbours in the list begin side by side; the later, the more by chance.
            $spots = self::pushed($room, $radiiM, $draws, $start / $starts);
            if (null !== $spots) {
                return $spots;
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<float> $radiiM
     *
     * @return list<Spot>|null
     */
    private static function pushed(Room $room, array $radiiM, Draws $draws, float $byChance): ?array
    {
        $x = $y = [];
        foreach ($radiiM as $i => $radius) {
            $inTurn = $room->widthM * ($i + 0.5) / \count($radiiM);
            $x[$i] = (1 - $byChance) * $inTurn + $byChance * $draws->between($radius, max($radius, $room->widthM - $radius));
            $y[$i] = $draws->between($radius, max($radius, $room->depthM - $radius));
        }
        for ($step = 0; $step < self::STEPS; ++$step) {
            if (!self::push($room, $radiiM, $x, $y)) {
                return array_map(static fn (float $x, float $y): Spot => new Spot($x, $y), $x, $y);
            }
        }

        return null;
    }

    /**
     * One step: every pair that is too near moves apart, every circle back between the walls.
     *
     * @param non-empty-list<float> $radiiM
     * @param array<int, float>     $x
     * @param array<int, float>     $y
     *
     * @return bool whether one lay over another
     */
    private static function push(Room $room, array $radiiM, array &$x, array &$y): bool
    {
        $met = false;
        $count = \count($radiiM);
        for ($i = 0; $i < $count; ++$i) {
            for ($j = $i + 1; $j < $count; ++$j) {
                $needed = self::ROOMY * ($radiiM[$i] + $radiiM[$j]);
                $dx = $x[$j] - $x[$i];
                $dy = $y[$j] - $y[$i];
                $apart = $dx * $dx + $dy * $dy;
                if ($apart >= $needed * $needed) {
                    continue;
                }
                $apart = sqrt($apart);
                $met = $met || $apart < ($radiiM[$i] + $radiiM[$j]) - Room::TOLERANCE_M / 2;
                [$ux, $uy] = $apart > 1e-9 ? [$dx / $apart, $dy / $apart] : [1.0, 0.0];
                $half = ($needed - $apart) / 2;
                $x[$i] -= $half * $ux;
                $y[$i] -= $half * $uy;
                $x[$j] += $half * $ux;
                $y[$j] += $half * $uy;
            }
        }
        foreach ($radiiM as $i => $radius) {
            $inside = [
                min(max($x[$i], $radius), max($radius, $room->widthM - $radius)),
                min(max($y[$i], $radius), max($radius, $room->depthM - $radius)),
            ];
            $met = $met || abs($inside[0] - $x[$i]) + abs($inside[1] - $y[$i]) > Room::TOLERANCE_M / 2;
            [$x[$i], $y[$i]] = $inside;
        }

        return $met;
    }
}
