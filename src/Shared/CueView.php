<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\Core\Fault\CueAdvice;
use Zumbo\Core\Fault\CueHistory;
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
        /** What earlier goes say of this cue; null: nothing yet. */
        public ?SentenceView $learned,
        /** The cue brought nothing: step back now. */
        public bool $stepsBackNow,
        /** Goes in a row, the last ones, that brought nothing. */
        public int $withoutEffect,
    ) {
    }

    /**
     * @param list<Sign>  $signs
     * @param string|null $said  the cue in force; null: whichever is best by what is known
     */
    public static function of(Fault $fault, array $signs, Ways $ways, ?CueHistory $history = null, ?string $said = null): self
    {
        $advice = CueAdvice::of($fault, $signs, $ways, $history, $said);

        return new self(
            $fault->code,
            MessageCatalogue::name(Term::named('fault', $fault->code)),
            $advice->cue,
            $advice->drill->title,
            $advice->drill->code,
            SentenceView::of($advice->reason, LengthUnit::Centimetre),
            null === $advice->stepBack ? null : SentenceView::of($advice->stepBack, LengthUnit::Centimetre),
            SentenceView::of($advice->watch, LengthUnit::Centimetre),
            null === $advice->learned ? null : SentenceView::of($advice->learned, LengthUnit::Centimetre),
            $advice->stepsBackNow,
            $history?->withoutEffect($advice->cue) ?? 0,
        );
    }
}
