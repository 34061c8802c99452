<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A pattern over and over for so many seconds; how many jumps that are, the cadence decides.
 */
final readonly class Work implements PatternItem
{
    /** Nobody jumps more often. */
    private const FASTEST_PER_S = 5;

    /**
     * @param int<1, max> $seconds
     */
    public function __construct(public int $seconds, public Pattern $pattern)
    {
    }

    /** Of one time through: the least there is. */
    public function jumps(): int
    {
        return $this->pattern->jumps();
    }

    public function turns(): int
    {
        return $this->pattern->turns();
    }

    public function restSeconds(): float
    {
        return 0.0;
    }

    public function most(): int
    {
        return self::FASTEST_PER_S * $this->seconds;
    }

    public function notation(): string
    {
        return \sprintf('w%d(%s)', $this->seconds, $this->pattern->notation());
    }

    public function text(): string
    {
        return \sprintf('for %d s: %s', $this->seconds, $this->pattern->text());
    }

    public function steps(): iterable
    {
        yield $this;
    }
}
