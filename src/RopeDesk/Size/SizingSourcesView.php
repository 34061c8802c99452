<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableSources;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeSources;

/**
 * Behind each number of a sized rope: the rule it comes from, and how sure that is.
 */
final readonly class SizingSourcesView
{
    private function __construct(
        public string $cable,
        public string $overall,
        public string $handle,
        public string $cut,
        public string $uncertainty,
        public string $spread,
        public string $reach,
        public string $arc,
        public string $wideHands,
        public string $raisedHands,
        public string $ceiling,
        public string $ahead,
        public string $pull,
    ) {
    }

    /** @param Length $eachHand how far the hands are drawn further out */
    public static function in(LengthUnit $unit, Length $eachHand): self
    {
        $say = static fn (Verdict $source): string => SentenceView::of($source, $unit)->sentence;

        return new self(
            $say(RopeSources::cable()),
            $say(RopeSources::overall()),
            $say(RopeSources::handle()),
            $say(RopeSources::cut()),
            $say(RopeSources::uncertainty()),
            $say(RopeSources::spread()),
            $say(RopeSources::reach()),
            $say(RopeSources::arc()),
            $say(RopeSources::wideHands($eachHand)),
            $say(RopeSources::raisedHands()),
            $say(RopeSources::ceiling()),
            $say(RopeSources::ahead()),
            $say(CableSources::pull()),
        );
    }
}
