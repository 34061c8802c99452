<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

/**
 * One member of a relay's team.
 */
final readonly class RelayRunnerView
{
    public function __construct(public string $athleteId, public string $firstName, public float $seconds, public string $what)
    {
    }
}
