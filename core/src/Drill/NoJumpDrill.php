<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Body\BodyPart;

/**
 * Something to practise without a single landing: on rest days, after a stop, and while something hurts.
 */
final readonly class NoJumpDrill
{
    /**
     * @param list<BodyPart> $loads what it asks work of; empty: eyes and ears only
     */
    public function __construct(
        public string $code,
        public string $title,
        public int $sets,
        public int $seconds,
        public string $cue,
        public string $why,
        public array $loads,
    ) {
    }

    /** "3 × 30 s". */
    public function dose(): string
    {
        return \sprintf('%d × %d s', $this->sets, $this->seconds);
    }

    /**
     * @param list<BodyPart> $sore
     */
    public function spares(array $sore): bool
    {
        // Nobody knows what loads a place that has no name here.
        return \in_array(BodyPart::Elsewhere, $sore, true)
            ? [] === $this->loads
            : [] === array_filter($this->loads, static fn (BodyPart $part): bool => \in_array($part, $sore, true));
    }
}
