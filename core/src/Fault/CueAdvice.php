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
    private function __construct(
        /** What to say; for a rope, what to do; empty when every cue brought nothing. */
        public string $cue,
        public Drill $drill,
        public Verdict $reason,
        /** Null: nothing to step back to, the rope or the pacing is to be changed. */
        public ?Verdict $stepBack,
        /** What should change, and so what to log. */
        public Verdict $watch,
        /** What earlier goes say of this cue; null: nothing yet. */
        public ?Verdict $learned,
        /** Step back now: the cue, or every cue, brought nothing. */
        public bool $stepsBackNow,
    ) {
    }

    /**
     * @param list<Sign>  $signs that were noticed; perhaps none, when a coach knew at once
     * @param string|null $said  the cue in force; null: whichever is best by what is known
     */
    public static function of(Fault $fault, array $signs, Ways $ways, ?CueHistory $history = null, ?string $said = null): self
    {
        $history ??= CueHistory::none();
        $drill = $fault->drillBy($ways);
        $cue = $said ?? $history->cueFor($fault, $ways) ?? '';
        $telling = ($fault->explained($signs)[0] ?? $fault->evidence[0])->sign;
        $spent = $fault->isOfTheRope() ? false : '' === $cue || (null !== $said && $history->isGivenUp($cue));

        return new self(
            $fault->isOfTheRope() ? $drill->title : $cue,
            $drill,
            Verdict::of([] === $signs ? 'cue.known' : 'cue.because', [
                'fault' => Term::named('fault', $fault->code),
                'why' => $fault->why,
                'signs' => array_map(Term::of(...), $signs),
            ]),
            self::stepBack($fault, $ways, $spent),
            Verdict::of('cue.watch', ['sign' => Term::of($telling)]),
            '' === $cue ? null : self::learned($fault, $cue, $ways, $history),
            $spent,
        );
    }

    private static function stepBack(Fault $fault, Ways $ways, bool $now): ?Verdict
    {
        $stage = $fault->stepBackBy($ways);

        return null === $stage
            ? null
            : Verdict::of($now ? 'cue.step_back_now' : 'cue.step_back', [
                'goes' => CueHistory::GIVEN_UP_AFTER,
                'stage' => Term::of($stage),
                'drill' => DrillTable::ofStage($stage, $ways)[0]->title,
            ]);
    }

    private static function learned(Fault $fault, string $cue, Ways $ways, CueHistory $history): ?Verdict
    {
        $own = $history->ofAthlete($cue);
        $gym = $history->ofGym($cue);
        $given = array_values(array_filter(
            FaultsBySchool::cues($fault, $ways),
            static fn (string $other): bool => $other !== $cue && $history->isGivenUp($other),
        ));

        return match (true) {
            $history->works($cue) => Verdict::of('cue.worked', ['better' => $own->better, 'goes' => $own->goes]),
            [] !== $given => Verdict::of('cue.instead', ['other' => $given[0], 'goes' => CueHistory::GIVEN_UP_AFTER]),
            $gym->goes > 0 => Verdict::of('cue.here', [
                'better' => $gym->better,
                'goes' => $gym->goes,
                'low' => (int) round(100 * $gym->known()->quantile(0.025)),
                'high' => (int) round(100 * $gym->known()->quantile(0.975)),
            ]),
            default => null,
        };
    }
}
