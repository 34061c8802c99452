<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * How high the handle ends of a rope reach when the athlete stands on it, and back: the cable that reaches so high.
 * Geometry only; whether that is right is told by Zumbo\Core\Today\RopeNeeds.
 */
final readonly class Reach
{
    /** Share of stature taken for "above the shoulder": about the chin (our assumption). */
    public const ABOVE_SHOULDER_SHARE = 0.87;

    private function __construct(
        public Length $height,
        /** The landmark nearest to it. */
        public Landmark $nearest,
    ) {
    }

    public static function ofCable(Body $body, Handle $handle, Stance $stance, Length $cable): self
    {
        $overall = $cable->plus($handle->length->times(2));

        return self::of($body, $overall->minus($stance->ropeUnderFeet())->times(0.5));
    }

    public static function of(Body $body, Length $height): self
    {
        $nearest = Landmark::Armpit;
        $least = \INF;
        foreach (Landmark::cases() as $landmark) {
            $distance = abs($body->heightOf($landmark)->height->minus($height)->metres());
            if ($distance < $least) {
                [$nearest, $least] = [$landmark, $distance];
            }
        }

        return new self($height, $nearest);
    }

    /** The cable that reaches so high in this stance. */
    public static function cableOf(Length $height, Handle $handle, Stance $stance): Length
    {
        return $height->times(2)->plus($stance->ropeUnderFeet())->minus($handle->length->times(2));
    }

    public static function aboveShoulder(Body $body): Length
    {
        return $body->stature->times(self::ABOVE_SHOULDER_SHARE);
    }

    public function verdict(): Verdict
    {
        return Verdict::of('fit.reaches', [
            'reach_m' => $this->height->metres(),
            'landmark' => Term::of($this->nearest),
        ]);
    }
}
