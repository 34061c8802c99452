<?php

declare(strict_types=1);

namespace Zumbo\App\Path;

use Zumbo\App\Path\Gates\GateDecisionView;
use Zumbo\App\Path\Ways\WayView;
use Zumbo\Core\Sets\LadderFamily;
use Zumbo\Core\Stage\Stage;

/**
 * Where an athlete is, by which ways, what each stage asks of them, and who decided so.
 */
final readonly class AthletePathView
{
    public function __construct(
        public string $athleteId,
        public string $name,
        public Stage $stage,
        /** Two minutes put them there: to be confirmed by practice or a coach. */
        public bool $provisional,
        /** @var list<PathStageView> in their order; a method may leave one out */
        public array $stages,
        /** @var list<WayView> */
        public array $ways,
        /** @var list<GateDecisionView> about them and about the gym, the newest first */
        public array $decisions,
        /** A pattern to begin with, as the notation writes it. */
        public string $usualPattern,
        /** @var list<LadderFamily> those that their method climbs */
        public array $ladders,
        /** Of the athlete. */
        public int $version,
    ) {
    }
}
