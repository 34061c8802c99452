<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Stage\Stage;

/**
 * A fault with what to say and do about it, and how much each sign speaks for it.
 */
final readonly class Fault
{
    /**
     * @param non-empty-list<Evidence> $evidence
     */
    public function __construct(
        public string $code,
        public string $why,
        /** The first cue; empty when the rope or the load is to be mended, not the athlete. */
        public string $cue,
        public string $drill,
        /** Null: the rope, or the pacing, comes first. */
        public ?Stage $stepBack,
        /** The stages at which it is usual. */
        public Stage $from,
        public Stage $to,
        public array $evidence,
    ) {
    }

    public function isOfTheRope(): bool
    {
        return str_starts_with($this->code, 'rope-');
    }
}
