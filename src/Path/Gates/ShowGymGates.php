<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Gates;

use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDecisions;
use Zumbo\App\Path\PathStageView;
use Zumbo\App\Shared\Path\ReadGates;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * Shows what a gym asks at each stage.
 */
final readonly class ShowGymGates
{
    public function __construct(private GateDecisions $decisions, private ReadGates $gates, private Gyms $gyms)
    {
    }

    public function all(): GymGatesView
    {
        $ways = Ways::of($this->gyms->current()->ways()->answers);
        $gates = $this->gates->ofGym($ways);
        $decided = array_values(array_filter(
            $this->decisions->standing(),
            static fn (GateDecision $decision): bool => null === $decision->athleteId(),
        ));

        return new GymGatesView(
            array_map(
                static fn (Stage $stage): PathStageView => PathStageView::of($stage, $gates->at($stage)),
                $ways->method->path(),
            ),
            array_map(GateDecisionView::of(...), array_reverse($decided)),
        );
    }
}
