<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * So many equal jumps in a row.
 */
final readonly class JumpRun implements PatternItem
{
    /**
     * @param int<1, max> $count
     */
    public function __construct(public JumpKind $kind, public int $count)
    {
    }

    public function jumps(): int
    {
        return $this->count;
    }

    public function turns(): int
    {
        return $this->count * $this->kind->passes();
    }

    public function restSeconds(): float
    {
        return 0.0;
    }

    public function notation(): string
    {
        return (1 === $this->count ? '' : $this->count).$this->kind->value;
    }

    public function text(): string
    {
        return $this->kind->name($this->count);
    }

    public function steps(): iterable
    {
        for ($i = 0; $i < $this->count; ++$i) {
            yield $this->kind;
        }
    }
}
