<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

/**
 * How far the chance of a miss may be from what was estimated: a few multiples of it, all as likely.
 *
 * The share by which it may be off has the variance 1/(misses seen + 2), as a rate has that was counted, with what was believed
 * before worth two misses (models G); a day is better or worse than the next one by a fifth (our assumption).
 */
final readonly class HazardDoubt
{
    /** Misses that what was believed before is worth (models G: β₀). */
    private const BEFORE = 2.0;

    /** Of a day, as a share (our assumption). */
    private const DAY = 0.2;

    /** Means of the fifths of the normal distribution, stretched to the variance 1. */
    private const FIFTHS = [-1.4634, -0.5988, 0.0, 0.5988, 1.4634];

    /**
     * @param non-empty-list<float> $multiples with the mean 1
     */
    private function __construct(public array $multiples)
    {
    }

    /** The chance is known: a worked example. */
    public static function none(): self
    {
        return new self([1.0]);
    }

    /** @param int $misses that it was estimated from */
    public static function after(int $misses): self
    {
        $variance = 1 / (self::BEFORE + max(0, $misses)) + self::DAY ** 2;
        $spread = sqrt(log(1 + $variance));
        $multiples = array_map(static fn (float $z): float => exp($spread * $z), self::FIFTHS);
        $mean = array_sum($multiples) / \count($multiples);

        return new self(array_map(static fn (float $multiple): float => $multiple / $mean, $multiples));
    }
}
