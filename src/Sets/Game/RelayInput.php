<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Sets\Game\RelayTeams;

/**
 * A relay: who is in it, in how many teams, how long a leg is.
 */
final readonly class RelayInput
{
    public function __construct(
        #[Assert\Range(min: 2, max: RelayTeams::MOST_TEAMS)] public int $teams = 2,
        /** Of each leg. */
        #[Assert\Range(min: 1, max: 200)] public int $reps = 20,
        /** Ids parted by commas; empty: everybody who may jump today. */
        #[Assert\Length(max: 4000)] public string $athletes = '',
    ) {
    }
}
