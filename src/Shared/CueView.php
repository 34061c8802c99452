<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\Core\Fault\CueStory;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\Catalogue;

/**
 * The one cue for a fault: what to say, what to drill, why, and when to step back.
 */
final readonly class CueView
{
    private function __construct(
        public string $fault,
        public string $name,
        public string $cue,
        public string $drill,
        public SentenceView $reason,
        /** Null: there is nothing to step back to. */
        public ?SentenceView $stepBack,
        public SentenceView $watch,
    ) {
    }

    /**
     * @param list<Sign> $signs
     */
    public static function of(Fault $fault, array $signs): self
    {
        $story = CueStory::of($fault, $signs);

        return new self(
            $fault->code,
            Catalogue::name($fault->code),
            $story->cue,
            $story->drill,
            SentenceView::of($story->reason, LengthUnit::Centimetre),
            null === $story->stepBack ? null : SentenceView::of($story->stepBack, LengthUnit::Centimetre),
            SentenceView::of($story->watch, LengthUnit::Centimetre),
        );
    }
}
