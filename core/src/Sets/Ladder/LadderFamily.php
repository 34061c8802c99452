<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Method\Method;

/**
 * The shapes of a ladder.
 */
enum LadderFamily: string
{
    /** 1, 2, … n. */
    case Rising = 'rising';
    /** n, … 2, 1. */
    case Falling = 'falling';
    /** 1, 2, … n, … 2, 1. */
    case Pyramid = 'pyramid';
    /** n singles and one double, n−1 singles and one double, … */
    case FallingSingles = 'falling-singles';
    /** the same singles before 1, 2, … n doubles. */
    case FixedSingles = 'fixed-singles';
    /** n without a miss, and that is all. */
    case Unbroken = 'unbroken';

    /**
     * @return list<self>
     */
    public static function jumpedBy(Method $method): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one->isJumpedBy($method)));
    }

    /** Whether its rungs are patterns that a method jumps. */
    public function isJumpedBy(Method $method): bool
    {
        foreach (Ladder::of($this, 3, fixedSingles: 3, method: $method)->rungs as $rung) {
            if (!$method->allows($rung)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The number of each rung.
     *
     * @return non-empty-list<int>
     */
    public function numbers(int $start, int $step, int $top): array
    {
        $rising = range($start, $top, min($step, max(1, $top - $start)));
        if (end($rising) !== $top) {
            $rising[] = $top;
        }
        $falling = array_reverse($rising);

        return match ($this) {
            self::Rising, self::FixedSingles => $rising,
            self::Falling, self::FallingSingles => $falling,
            self::Pyramid => [...$rising, ...\array_slice($falling, 1)],
            self::Unbroken => [$top],
        };
    }
}
