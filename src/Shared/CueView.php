<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\Core\Fault\CueAdvice;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;

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
        public string $drillCode,
        public SentenceView $reason,
        /** Null: there is nothing to step back to. */
        public ?SentenceView $stepBack,
        public SentenceView $watch,
    ) {
    }

    /**
     * @param list<Sign> $signs
     */
    public static function of(Fault $fault, array $signs, Ways $ways): self
    {
        $advice = CueAdvice::of($fault, $signs, $ways);

        return new self(
            $fault->code,
            MessageCatalogue::name(Term::named('fault', $fault->code)),
            $advice->cue,
            $advice->drill->title,
            $advice->drill->code,
            SentenceView::of($advice->reason, LengthUnit::Centimetre),
            null === $advice->stepBack ? null : SentenceView::of($advice->stepBack, LengthUnit::Centimetre),
            SentenceView::of($advice->watch, LengthUnit::Centimetre),
        );
    }
}
