<?php

declare(strict_types=1);

namespace Zumbo\App\Path;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDecisions;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Path\Gates\GateDecisionView;
use Zumbo\App\Path\Ways\TaughtWayView;
use Zumbo\App\Shared\Path\Provisional;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Stage\Stage;

/**
 * Shows the path of an athlete.
 */
final readonly class ShowPath
{
    public function __construct(private Athletes $athletes, private JudgeToday $judge, private GateDecisions $decisions)
    {
    }

    public function of(Uuid $id): AthletePathView
    {
        $athlete = $this->athletes->get($id);
        $judged = $this->judge->athlete($athlete);
        [$gates, $ways] = [$judged->gates, $judged->gates->ways];
        $decided = $this->decisions->standing($id);
        usort($decided, static fn (GateDecision $a, GateDecision $b): int => [$b->decidedAt(), (string) $b->id()] <=> [
            $a->decidedAt(),
            (string) $a->id(),
        ]);

        return new AthletePathView(
            $id->toRfc4122(),
            $athlete->profile()->name,
            $athlete->stage(),
            Provisional::is($judged),
            array_map(
                static fn (Stage $stage): PathStageView => PathStageView::of($stage, $gates->at($stage)),
                $ways->method->path($athlete->stage()),
            ),
            TaughtWayView::all($ways, $athlete->ways()->answers),
            array_map(GateDecisionView::of(...), $decided),
            $athlete->version(),
        );
    }
}
