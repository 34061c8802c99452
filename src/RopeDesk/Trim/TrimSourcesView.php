<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Gear\GearSources;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeSources;

/**
 * Behind each number of a trim path: the rule it comes from, and how sure that is.
 */
final readonly class TrimSourcesView
{
    private function __construct(
        public string $goal,
        public string $step,
        public string $misses,
        public string $outcome,
    ) {
    }

    public static function in(LengthUnit $unit): self
    {
        $say = static fn (Verdict $source): string => SentenceView::of($source, $unit)->sentence;

        return new self(
            $say(RopeSources::goal()),
            $say(RopeSources::step()),
            $say(GearSources::misses()),
            $say(GearSources::outcome()),
        );
    }
}
