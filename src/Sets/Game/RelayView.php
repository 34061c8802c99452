<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

/**
 * Teams of a relay, about as fast as each other.
 */
final readonly class RelayView
{
    /**
     * @param list<RelayTeamView> $teams
     */
    public function __construct(
        /** Under which it is logged. */
        public string $code,
        public array $teams,
        /** Seconds between the quickest and the slowest team. */
        public float $spreadS,
        /** How many of those asked for may not jump today. */
        public int $left,
    ) {
    }
}
