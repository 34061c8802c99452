<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Another shared rope for whom one is pinned to.
 */
final readonly class MovePinInput
{
    public function __construct(#[Assert\Uuid(versions: [7])] public string $rackRopeId)
    {
    }
}
