<?php

declare(strict_types=1);

namespace Zumbo\App\Path;

use Zumbo\App\Path\Gates\GateDecisionView;
use Zumbo\App\Path\Ways\TaughtWayView;
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
        /** @var list<TaughtWayView> */
        public array $ways,
        /** @var list<GateDecisionView> about them and about the gym, the newest first */
        public array $decisions,
        /** Of the athlete. */
        public int $version,
    ) {
    }
}
