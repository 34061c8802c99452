<?php

declare(strict_types=1);

namespace Zumbo\Core\Hall;

/**
 * Who stands where, each with the circle they need, facing the coach at the front.
 */
final readonly class HallPlan
{
    /** So many numbers of people are nudged about; for fewer there are rows, or nothing. */
    private const MOST_TRIED = 10;

    /**
     * @param array<int, Spot> $spots       by the position in the list of circles
     * @param list<int>        $withoutRoom those that have none
     */
    private function __construct(public array $spots, public array $withoutRoom)
    {
    }

    /**
     * A place for everybody, or for as many as there is room for; who needs most room is left out first. Neighbours in the
     * list stand side by side.
     *
     * @param list<ClearCircle> $circles in the order in which they are to stand, from the left
     */
    public static function arranged(Room $room, array $circles): self
    {
        $radii = array_map(static fn (ClearCircle $circle): float => $circle->radiusM, $circles);
        $bySize = $radii;
        asort($bySize);
        $most = [] === $radii ? 0 : min(\count($radii), $room->mostCircles(min($radii)));
        for ($count = $most, $tried = 0; $count > 0; --$count) {
            $kept = \array_slice(array_keys($bySize), 0, $count);
            sort($kept);
            $spots = self::placed($room, array_map(static fn (int $i): float => $radii[$i], $kept), $tried < self::MOST_TRIED);
            if (null !== $spots) {
                return new self(array_combine($kept, $spots), array_values(array_diff(array_keys($radii), $kept)));
            }
            ++$tried;
        }

        return new self([], array_keys($radii));
    }

    /** How many circles of that radius have room in rows, up to a number. */
    public static function roomFor(Room $room, float $radiusM, int $upTo): int
    {
        for ($count = min($upTo, $room->mostCircles($radiusM)); $count > 0; --$count) {
            if (null !== Lattice::spots($room, $radiusM, $count)) {
                return $count;
            }
        }

        return 0;
    }

    /**
     * Who stands over a wall or in somebody else's circle.
     *
     * @param array<int, ClearCircle> $circles
     * @param array<int, Spot>        $spots   of the same people
     *
     * @return array<int, array{others: list<int>, wall: bool}> of those who have no room there
     */
    public static function crowded(Room $room, array $circles, array $spots): array
    {
        $crowded = [];
        foreach ($spots as $i => $spot) {
            $others = [];
            foreach ($spots as $j => $other) {
                $needed = $circles[$i]->radiusM + $circles[$j]->radiusM - Room::TOLERANCE_M;
                if ($i !== $j && $spot->distanceTo($other) < $needed) {
                    $others[] = $j;
                }
            }
            $wall = !$room->holds($spot, $circles[$i]->radiusM);
            if ($wall || [] !== $others) {
                $crowded[$i] = ['others' => $others, 'wall' => $wall];
            }
        }

        return $crowded;
    }

    /**
     * @param list<float> $radiiM
     *
     * @return list<Spot>|null
     */
    private static function placed(Room $room, array $radiiM, bool $nudge): ?array
    {
        if ([] === $radiiM) {
            return [];
        }
        $spots = Lattice::spots($room, max($radiiM), \count($radiiM));
        if (null !== $spots) {
            // From the left, so that a station keeps together.
            usort($spots, static fn (Spot $one, Spot $other): int => [round($one->x, 3), $one->y] <=> [round($other->x, 3), $other->y]);

            return $spots;
        }

        return 1 === \count($radiiM) || !$nudge ? null : Nudging::spots($room, $radiiM);
    }
}
