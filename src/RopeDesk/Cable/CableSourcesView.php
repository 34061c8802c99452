<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableSources;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;

/**
 * Behind each column of the table of cables: the rule it comes from, and how sure that is.
 */
final readonly class CableSourcesView
{
    private function __construct(
        public string $density,
        public string $feel,
        public string $effort,
        public string $pull,
        public string $power,
        public string $circle,
    ) {
    }

    public static function in(LengthUnit $unit): self
    {
        $say = static fn (Verdict $source): string => SentenceView::of($source, $unit)->sentence;

        return new self(
            $say(CableSources::density()),
            $say(CableSources::feel()),
            $say(CableSources::effort()),
            $say(CableSources::pull()),
            $say(CableSources::power()),
            $say(CableSources::circle()),
        );
    }
}
