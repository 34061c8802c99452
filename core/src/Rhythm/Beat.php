<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * One jump or rest in time, in seconds from the first landing.
 */
final readonly class Beat
{
    /**
     * @param JumpKind|null $kind   null: a rest
     * @param list<float>   $turnsS when the rope passes
     */
    public function __construct(
        public ?JumpKind $kind,
        /** The landing before the jump, or the start of the rest. */
        public float $atS,
        public array $turnsS,
        /** The landing after it, or the end of the rest. */
        public float $endS,
        public ?Footwork $footwork = null,
    ) {
    }

    public function later(float $seconds): self
    {
        return new self(
            $this->kind,
            $this->atS + $seconds,
            array_map(static fn (float $turn): float => $turn + $seconds, $this->turnsS),
            $this->endS + $seconds,
            $this->footwork,
        );
    }
}
