<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\Core\Story\CurvePoint;
use Zumbo\Core\Story\SurvivalCurve;

/**
 * How far goes reached in four weeks.
 */
final readonly class StoryCurveView
{
    /**
     * @param list<StoryPointView> $points where goes ended, in order
     */
    private function __construct(
        /** The four weeks ended so many weeks ago. */
        public int $weeksAgo,
        public int $goes,
        public array $points,
    ) {
    }

    public static function of(int $weeksAgo, SurvivalCurve $curve): self
    {
        return new self(
            $weeksAgo,
            $curve->goes,
            array_map(
                static fn (CurvePoint $one): StoryPointView => new StoryPointView($one->reps, $one->share, $one->low, $one->high),
                $curve->points,
            ),
        );
    }
}
