<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * One jump of a pattern: its kind, and what the feet or hands do beside it.
 */
final readonly class OneJump
{
    public function __construct(public JumpKind $kind, public ?Footwork $footwork = null)
    {
    }
}
