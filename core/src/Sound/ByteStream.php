<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Bytes that come in pieces of any size, taken in pieces of the size that is wanted.
 */
final class ByteStream
{
    private string $held = '';
    /** @var \Iterator<string> */
    private readonly \Iterator $pieces;
    private bool $started = false;

    /**
     * @param iterable<string> $pieces
     */
    public function __construct(iterable $pieces)
    {
        $this->pieces = \is_array($pieces) ? new \ArrayIterator($pieces) : new \IteratorIterator($pieces);
    }

    /** So many bytes, or fewer when the stream ends before. */
    public function take(int $count): string
    {
        while (\strlen($this->held) < $count && $this->more()) {
        }
        $taken = substr($this->held, 0, $count);
        $this->held = substr($this->held, \strlen($taken));

        return $taken;
    }

    /** Whether so many were there to be left out. */
    public function skip(int $count): bool
    {
        while ($count > 0) {
            $left = \strlen($this->take(min($count, 65_536)));
            if (0 === $left) {
                return false;
            }
            $count -= $left;
        }

        return true;
    }

    private function more(): bool
    {
        $this->started ? $this->pieces->next() : $this->pieces->rewind();
        $this->started = true;
        if (!$this->pieces->valid()) {
            return false;
        }
        $this->held .= $this->pieces->current();

        return true;
    }
}
