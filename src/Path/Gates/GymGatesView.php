<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Gates;

use Zumbo\App\Path\PathStageView;

/**
 * What a gym asks at each stage.
 */
final readonly class GymGatesView
{
    public function __construct(
        /** @var list<PathStageView> */
        public array $stages,
        /** @var list<GateDecisionView> about the whole gym, the newest first */
        public array $decisions,
    ) {
    }
}
