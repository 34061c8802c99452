<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A take as one entry of the log: of its highest kind of jump the reps, and the misses. Where no turns were measured, every
 * jump is a rep.
 */
final readonly class TakeEntry
{
    private function __construct(public int $reps, public int $misses)
    {
    }

    public static function of(RhythmReading $reading): self
    {
        if (0 === $reading->turns) {
            return new self(\count($reading->passes), 0);
        }
        $most = max([0, ...$reading->passes]);

        return new self(\count(array_keys($reading->passes, $most, true)), \count(array_filter($reading->streaks, static fn (array $streak): bool => 'miss' === $streak['ended'])));
    }
}
