<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A pattern done several times over.
 */
final readonly class Group implements PatternItem
{
    /**
     * @param int<1, max> $times
     */
    public function __construct(public Pattern $pattern, public int $times)
    {
    }

    public function jumps(): int
    {
        return $this->times * $this->pattern->jumps();
    }

    public function turns(): int
    {
        return $this->times * $this->pattern->turns();
    }

    public function restSeconds(): float
    {
        return $this->times * $this->pattern->restSeconds();
    }

    public function most(): int
    {
        return $this->times * $this->pattern->most();
    }

    public function notation(): string
    {
        return \sprintf('(%s)x%d', $this->pattern->notation(), $this->times);
    }

    public function text(): string
    {
        return 1 === $this->times
            ? $this->pattern->text()
            : \sprintf('%d times: %s', $this->times, $this->pattern->text());
    }

    public function steps(): iterable
    {
        for ($i = 0; $i < $this->times; ++$i) {
            yield from $this->pattern->steps();
        }
    }
}
