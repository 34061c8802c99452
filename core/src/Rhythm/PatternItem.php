<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A part of a pattern: a run of equal jumps, a repeated group, or a rest.
 */
interface PatternItem
{
    public function jumps(): int;

    public function turns(): int;

    public function restSeconds(): float;

    /** As the notation writes it. */
    public function notation(): string;

    /** As one reads it aloud. */
    public function text(): string;

    /**
     * Every jump and rest in order.
     *
     * @return iterable<JumpKind|Rest>
     */
    public function steps(): iterable;
}
