<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
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
        'learning' => [0.70, 0.74, 0.80, 0.828],
        'approaching' => [0.68, 0.72, 0.79, 0.828],
        'linking' => [0.60, 0.65, 0.77, 0.818],
    ];

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

        return new self($fit, $offBy, $reach, self::nearestLandmark($body, $reach), self::effects($fit, $stage->phase()));
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

    /**
     * @return list<Verdict>
     */
    private static function effects(Fit $fit, Phase $phase): array
    {
        return match ($fit) {
            Fit::TooShort, Fit::Short => [Verdict::of('fit.catches_feet'), Verdict::of('fit.check_hands_first')],
            Fit::Right => [Verdict::of('fit.right', ['phase' => $phase->value])],
            Fit::Long, Fit::TooLong => [Verdict::of('fit.lags'), Verdict::of('fit.lands_in_front')],
        };
    }
}
