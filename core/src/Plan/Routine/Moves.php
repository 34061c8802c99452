<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Routine;

use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Stage\Stage;

/**
 * The moves that a routine can hold, the easier ones first.
 */
final class Moves
{
    /**
     * @return list<Move>
     */
    public static function all(): array
    {
        $moves = [];
        foreach (DrillTable::all() as $drill) {
            $move = Move::ofDrill($drill);
            if (null !== $move) {
                $moves[] = $move;
            }
        }
        usort($moves, static fn (Move $one, Move $other): int => $one->from->number() <=> $other->from->number());

        return $moves;
    }

    /**
     * @return list<Move> those that somebody of a stage may be taught
     */
    public static function upTo(Stage $stage): array
    {
        return array_values(array_filter(self::all(), static fn (Move $move): bool => !$stage->isBefore($move->from)));
    }

    /**
     * @param list<string> $codes
     *
     * @return list<Move> the easier ones first; what is none is left out
     */
    public static function named(array $codes): array
    {
        return array_values(array_filter(self::all(), static fn (Move $move): bool => \in_array($move->code, $codes, true)));
    }
}
