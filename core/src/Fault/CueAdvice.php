<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;

/**
 * What a coach says, and why: one cue for one fault, the drill that goes before the next set, and when to step back.
 */
final readonly class CueAdvice
{
    /** So many goes without a change are enough to know (our assumption). */
    public const GOES_BEFORE_STEPPING_BACK = 3;

    private function __construct(
        /** What to say; for a rope, what to do. */
        public string $cue,
        public Drill $drill,
        public Verdict $reason,
        /** Null: nothing to step back to, the rope or the pacing is to be changed. */
        public ?Verdict $stepBack,
        /** What should change, and so what to log. */
        public Verdict $watch,
    ) {
    }

    /**
     * @param list<Sign> $signs that were noticed; perhaps none, when a coach knew at once
     */
    public static function of(Fault $fault, array $signs, Ways $ways): self
    {
        [$cue, $drill, $stepBack] = [FaultsBySchool::cue($fault, $ways), $fault->drillBy($ways), $fault->stepBackBy($ways)];
        $values = [
            'fault' => Term::named('fault', $fault->code),
            'why' => $fault->why,
            'signs' => array_map(Term::of(...), $signs),
        ];
        $explained = array_values(
            array_filter(
                $fault->evidence,
                static fn (Evidence $evidence): bool => \in_array($evidence->sign, $signs, true),
            ),
        );
        $telling = ($explained[0] ?? $fault->evidence[0])->sign;

        return new self(
            '' === $cue ? $drill->title : $cue,
            $drill,
            Verdict::of([] === $signs ? 'cue.known' : 'cue.because', $values),
            null === $stepBack
                ? null
                : Verdict::of('cue.step_back', [
                    'goes' => self::GOES_BEFORE_STEPPING_BACK,
                    'stage' => Term::of($stepBack),
                    'drill' => DrillTable::ofStage($stepBack, $ways)[0]->title,
                ]),
            Verdict::of('cue.watch', ['sign' => Term::of($telling)]),
        );
    }
}
