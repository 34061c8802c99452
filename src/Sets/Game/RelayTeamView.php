<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

/**
 * One team of a relay.
 */
final readonly class RelayTeamView
{
    /**
     * @param list<RelayRunnerView> $runners the slowest first
     */
    public function __construct(
        public array $runners,
        public float $seconds,
        /** Who jumps twice, where the team is one short; null: nobody. */
        public ?string $twice,
    ) {
    }
}
