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
    public function __construct(
        public JumpKind $kind,
        public int $count,
        public ?Footwork $footwork = null,
        /** A target: without a miss. */
        public bool $unbroken = false,
        /** The count is the number of a ladder's rung. */
        public bool $byRung = false,
    ) {
    }

    /** Whether the two, one after the other, are one run. */
    public function continues(self $other): bool
    {
        return $this->kind === $other->kind
            && $this->footwork === $other->footwork
            && !$this->unbroken
            && !$other->unbroken
            && !$this->byRung
            && !$other->byRung;
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

    public function most(): int
    {
        return $this->count;
    }

    public function notation(): string
    {
        $count = match (true) {
            $this->byRung => 'n',
            1 === $this->count => '',
            default => (string) $this->count,
        };

        return $count.
            $this->kind->value.
            (null === $this->footwork ? '' : ':'.$this->footwork->value).
            ($this->unbroken ? '!' : '');
    }

    public function text(): string
    {
        $name = $this->byRung ? 'n'.substr($this->kind->name(2), 1) : $this->kind->name($this->count);

        return $name.
            (null === $this->footwork ? '' : ' ('.$this->footwork->text().')').
            ($this->unbroken ? ' unbroken' : '');
    }

    public function steps(): iterable
    {
        for ($i = 0; $i < $this->count; ++$i) {
            yield new OneJump($this->kind, $this->footwork);
        }
    }
}
