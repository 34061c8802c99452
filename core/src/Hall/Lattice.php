<?php

declare(strict_types=1);

namespace Zumbo\Core\Hall;

/**
 * Equal circles in rows: straight ones, or each between those of the row before. Stretched to use all of the floor.
 */
final class Lattice
{
    /**
     * @return list<Spot>|null row by row from the front; null: no lattice holds so many
     */
    public static function spots(Room $room, float $radiusM, int $count): ?array
    {
        return self::straight($room, $radiusM, $count)
            ?? self::staggered($room, $radiusM, $count)
            ?? self::turned(self::staggered(Room::of($room->depthM, $room->widthM), $radiusM, $count));
    }

    /**
     * @param list<Spot>|null $spots of the room turned by a quarter
     *
     * @return list<Spot>|null
     */
    private static function turned(?array $spots): ?array
    {
        return null === $spots ? null : array_map(static fn (Spot $spot): Spot => new Spot($spot->y, $spot->x), $spots);
    }

    /**
     * @return list<Spot>|null
     */
    private static function straight(Room $room, float $radiusM, int $count): ?array
    {
        $most = self::along($room->widthM, $radiusM);
        $rows = self::along($room->depthM, $radiusM);
        if ($most * $rows < $count) {
            return null;
        }
        // As wide as the hall is, so that everybody sees the coach.
        $used = max(1, min($rows, (int) ceil($count / max(1, $most))));
        $spots = [];
        for ($row = 0; $row < $used; ++$row) {
            $inRow = intdiv($count, $used) + ($row < $count % $used ? 1 : 0);
            for ($i = 0; $i < $inRow; ++$i) {
                $spots[] = new Spot(
                    self::spread($room->widthM, $radiusM, $i, $inRow),
                    self::spread($room->depthM, $radiusM, $row, $used),
                );
            }
        }

        return $spots;
    }

    /**
     * @return list<Spot>|null
     */
    private static function staggered(Room $room, float $radiusM, int $count): ?array
    {
        $even = self::along($room->widthM, $radiusM);
        $odd = max(0, self::along($room->widthM - $radiusM, $radiusM));
        $rows = 1 + (int) floor(($room->depthM - 2 * $radiusM + Room::TOLERANCE_M) / (sqrt(3) * $radiusM));
        $most = (int) ceil($rows / 2) * $even + intdiv($rows, 2) * $odd;
        if ($even < 1 || $room->depthM < 2 * $radiusM - Room::TOLERANCE_M || $most < $count) {
            return null;
        }
        $spots = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($i = 0; $i < (0 === $row % 2 ? $even : $odd) && \count($spots) < $count; ++$i) {
                $spots[] = new Spot(
                    $radiusM * (1 + 2 * $i + $row % 2),
                    self::spread($room->depthM, $radiusM, $row, $rows),
                );
            }
        }

        return $spots;
    }

    /** How many circles lie side by side. */
    private static function along(float $lengthM, float $radiusM): int
    {
        return (int) floor(($lengthM + Room::TOLERANCE_M) / (2 * $radiusM));
    }

    private static function spread(float $lengthM, float $radiusM, int $i, int $of): float
    {
        return 1 === $of ? $lengthM / 2 : $radiusM + (($lengthM - 2 * $radiusM) * $i) / ($of - 1);
    }
}
