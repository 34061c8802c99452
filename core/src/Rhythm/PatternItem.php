<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A part of a pattern: a run of equal jumps, a repeated group, a ladder, work for a time, or a rest.
 */
interface PatternItem
{
    public function jumps(): int;

    public function turns(): int;

    public function restSeconds(): float;

    /** The most jumps and rests it may become, at any cadence. */
    public function most(): int;

    /** As the notation writes it. */
    public function notation(): string;

    /** As one reads it aloud. */
    public function text(): string;

    /**
     * Every jump and rest in order, and work as it is: only a cadence tells its jumps.
     *
     * @return iterable<OneJump|Rest|Work>
     */
    public function steps(): iterable;
}
