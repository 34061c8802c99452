<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A pause of so many seconds.
 */
final readonly class Rest implements PatternItem
{
    /**
     * @param int<1, max> $seconds
     */
    public function __construct(public int $seconds)
    {
    }

    public function jumps(): int
    {
        return 0;
    }

    public function turns(): int
    {
        return 0;
    }

    public function restSeconds(): float
    {
        return (float) $this->seconds;
    }

    public function most(): int
    {
        return 1;
    }

    public function notation(): string
    {
        return 'r'.$this->seconds;
    }

    public function text(): string
    {
        return \sprintf('rest %d s', $this->seconds);
    }

    public function steps(): iterable
    {
        yield $this;
    }
}
