<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Stage\Stage;

/**
 * What is believed of a rep's chance before anything was logged: Beta(α₀, β₀).
 *
 * β₀ = 2 and α₀ = 2 × a typical streak of the stage: our assumption, to be replaced by a gym's own data; the one table
 * is here. Tries that count clean or not start from Beta(1, 1).
 */
final readonly class Prior
{
    private const MISSES = 2.0;

    /** A typical streak, by stage. */
    private const TYPICAL_STREAK = [
        // Before anything is joined nobody knows: as at Join.
        'jump' => 4,
        'turn' => 4,
        'join' => 4,
        'singles' => 30,
        'range' => 20,
        'snap' => 2,
        'mix' => 6,
        'link' => 5,
        'hold' => 20,
        'workout' => 30,
    ];

    /** The same of doubles: before they are taught every other one fails, and nobody earlier on the path does better. */
    private const TYPICAL_DOUBLES = [
        'jump' => 1,
        'turn' => 1,
        'join' => 1,
        'singles' => 1,
        'range' => 1,
        'snap' => 2,
        'mix' => 3,
        'link' => 5,
        'hold' => 20,
        'workout' => 30,
    ];

    private function __construct(public float $alpha, public float $beta)
    {
    }

    public static function forStage(Stage $stage): self
    {
        return new self(self::MISSES * self::TYPICAL_STREAK[$stage->value], self::MISSES);
    }

    public static function ofDoubles(Stage $stage): self
    {
        return new self(self::MISSES * self::TYPICAL_DOUBLES[$stage->value], self::MISSES);
    }

    /** Nothing is believed: every chance is as likely as any other. */
    public static function flat(): self
    {
        return new self(1.0, 1.0);
    }

    /** @throws OutOfRange when a parameter is not above 0 */
    public static function of(float $alpha, float $beta): self
    {
        if (!($alpha > 0) || !($beta > 0) || is_infinite($alpha) || is_infinite($beta)) {
            throw OutOfRange::of('prior', \sprintf('alpha %.6g, beta %.6g', $alpha, $beta), 'two numbers above 0');
        }

        return new self($alpha, $beta);
    }
}
