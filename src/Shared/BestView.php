<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Log\AttemptKind;

/**
 * The most of a kind of entry at the athlete's stage, and the count above which a device asks whether it is meant.
 */
final readonly class BestView
{
    public function __construct(public AttemptKind $kind, public int $best, public int $askAbove)
    {
    }
}
