<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * What an athlete works on today: the drills of their stage in turn, one practice each.
 */
final readonly class TodaysSet
{
    private function __construct(public Drill $drill, public Verdict $reason)
    {
    }

    /**
     * @param int $practicesBefore practices of this stage on earlier days
     */
    public static function of(Stage $stage, DrillShelf $shelf, Ways $ways, int $practicesBefore): self
    {
        $drills = $shelf->ofStage($stage, $ways);
        $index = max(0, $practicesBefore) % \count($drills);
        $drill = $drills[$index];

        return new self(
            $drill,
            Verdict::of('set.in_turn', [
                'number' => $index + 1,
                'of' => \count($drills),
                'stage' => Term::of($stage),
                'why' => $drill->why,
            ]),
        );
    }
}
