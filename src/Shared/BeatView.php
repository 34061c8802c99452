<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\JumpKind;

/**
 * One jump or rest of a pattern in time, in seconds from the start of its pattern.
 */
final readonly class BeatView
{
    /**
     * @param list<float> $turnsS when the rope passes
     */
    private function __construct(
        /** Null: a rest. */
        public ?JumpKind $kind,
        public float $atS,
        public array $turnsS,
        public float $endS,
        /** What feet or hands do beside it, as one reads it: "boxer step". */
        public ?string $footwork,
    ) {
    }

    public static function of(Beat $beat): self
    {
        return new self($beat->kind, $beat->atS, $beat->turnsS, $beat->endS, $beat->footwork?->text());
    }
}
