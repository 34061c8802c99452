<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;

/**
 * Judges an existing rope by how high its handle ends reach when the athlete stands on it.
 *
 * Common practice, no published source: for a beginner the armpit or a little above is right, the waist too short, past
 * the shoulder too long; at the ribs too short for a beginner, right for a trained double-jumper of a short school.
 */
final readonly class FitCheck
{
    /** phase → [too short below, right from, right to, too long above], as shares of stature the handle ends reach */
    private const BANDS = [
        'learning' => [0.7, 0.74, 0.8, 0.828],
        'approaching' => [0.68, 0.72, 0.79, 0.828],
        'linking' => [0.6, 0.65, 0.77, 0.818],
    ];

    /** Share of stature taken for "above the shoulder": about the chin (our assumption). */
    public const ABOVE_SHOULDER_SHARE = 0.87;

    /** Less than half a centimetre is measured by nobody. */
    private const SAME_M = 0.005;

    /**
     * @param list<Verdict> $effects
     */
    private function __construct(
        public Fit $fit,
        /** How much cable is too much (positive) or missing (negative) to the nearest right length; 0 when right. */
        public Length $offBy,
        /** Height the handle ends reach. */
        public Length $reach,
        /** The landmark nearest to it. */
        public Landmark $reaches,
        public array $effects,
    ) {
    }

    public static function ofCable(Body $body, Handle $handle, Stance $stance, Length $cable, Stage $stage): self
    {
        $overall = $cable->plus($handle->length->times(2));

        return self::ofReach($body, $overall->minus($stance->ropeUnderFeet())->times(0.5), $stage);
    }

    public static function ofReach(Body $body, Length $reach, Stage $stage): self
    {
        $share = $reach->metres() / $body->stature->metres();
        [$tooShort, $from, $to, $tooLong] = self::BANDS[$stage->phase()->value];
        $fit = match (true) {
            $share < $tooShort => Fit::TooShort,
            $share < $from => Fit::Short,
            $share <= $to => Fit::Right,
            $share <= $tooLong => Fit::Long,
            default => Fit::TooLong,
        };
        $nearestRight = $body->stature->times(min(max($share, $from), $to));
        // Both sides hang from the landmark: the cable is off by twice as much as the reach.
        $offBy = $reach->minus($nearestRight)->times(2);

        return new self(
            $fit,
            $offBy,
            $reach,
            self::nearestLandmark($body, $reach),
            self::effects($fit, $stage->phase()),
        );
    }

    private static function nearestLandmark(Body $body, Length $reach): Landmark
    {
        $nearest = Landmark::Armpit;
        $least = \INF;
        foreach (Landmark::cases() as $landmark) {
            $distance = abs($body->heightOf($landmark)->height->minus($reach)->metres());
            if ($distance < $least) {
                [$nearest, $least] = [$landmark, $distance];
            }
        }

        return $nearest;
    }

    /** What the rope is and what to do about it; the cable measured, or worked back from what it reaches. */
    public function remedy(Length $cable): Verdict
    {
        $right = $cable->minus($this->offBy)->metres();

        return match (true) {
            abs($this->offBy->metres()) < self::SAME_M => Verdict::of('fit.off_none'),
            $this->offBy->metres() > 0 => Verdict::of('fit.off_long', [
                'off_m' => $this->offBy->metres(),
                'right_m' => $right,
            ]),
            default => Verdict::of('fit.off_short', ['off_m' => -$this->offBy->metres(), 'right_m' => $right]),
        };
    }

    public function reachVerdict(): Verdict
    {
        return Verdict::of('fit.reaches', [
            'reach_m' => $this->reach->metres(),
            'landmark' => Term::of($this->reaches),
        ]);
    }

    /** The cable that reaches so high in this stance. */
    public static function cableOf(Length $reach, Handle $handle, Stance $stance): Length
    {
        return $reach->times(2)->plus($stance->ropeUnderFeet())->minus($handle->length->times(2));
    }

    /**
     * @return list<Verdict>
     */
    private static function effects(Fit $fit, Phase $phase): array
    {
        return match ($fit) {
            Fit::TooShort, Fit::Short => [Verdict::of('fit.catches_feet'), Verdict::of('fit.check_hands_first')],
            Fit::Right => [Verdict::of('fit.right', ['phase' => Term::of($phase)])],
            Fit::Long, Fit::TooLong => [Verdict::of('fit.lags'), Verdict::of('fit.lands_in_front')],
        };
    }
}
