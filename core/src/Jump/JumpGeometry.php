<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

use Zumbo\Core\Measure\OutOfRange;

/**
 * How high the feet must be for the rope to pass, and for how long: θ = asin(min(1, l_f/2d)) is half the angle over
 * which the rope is under the feet, c = D + lift + d(1 − cos θ) + margin the height it needs there. Geometry of a
 * circle of radius d, the arc's depth, under a foot of length l_f; hands that rise with the body by a share κ make it
 * c/(1 − κ).
 */
final readonly class JumpGeometry
{
    public const USUAL_MARGIN_M = 0.005;

    /** Of somebody of 175 cm, with a thin coated cable: foot, hands above the floor, cable. */
    private const USUAL_FOOT_M = 0.266;
    private const USUAL_DEPTH_M = 0.9625;
    private const USUAL_CABLE_M = 0.0025;

    private function __construct(
        /** θ, radians. */
        public float $halfAngle,
        /** c, metres. */
        public float $clearanceM,
    ) {
    }

    /**
     * @param float $liftM how far the lowest point of the arc passes above the floor
     *
     * @throws OutOfRange when a length is negative, the arc or the foot is not above 0, or the hands rise by a share
     *                    outside 0 to 0.9
     */
    public static function of(
        float $footLengthM,
        float $arcDepthM,
        float $cableDiameterM,
        float $liftM = 0.0,
        float $marginM = self::USUAL_MARGIN_M,
        float $handsRise = 0.0,
    ): self {
        foreach (['foot length' => $footLengthM, 'arc depth' => $arcDepthM] as $name => $metres) {
            if (!($metres > 0) || is_infinite($metres)) {
                throw OutOfRange::of($name, \sprintf('%.6g m', $metres), 'above 0');
            }
        }
        foreach (['cable diameter' => $cableDiameterM, 'lift' => $liftM, 'margin' => $marginM] as $name => $metres) {
            if (!($metres >= 0) || is_infinite($metres)) {
                throw OutOfRange::of($name, \sprintf('%.6g m', $metres), '0 or above');
            }
        }
        if (!($handsRise >= 0 && $handsRise <= 0.9)) {
            throw OutOfRange::of('hands rise', \sprintf('%.6g', $handsRise), 'a share from 0 to 0.9');
        }
        $angle = asin(min(1.0, $footLengthM / (2 * $arcDepthM)));
        $clearance = $cableDiameterM + $liftM + $arcDepthM * (1 - cos($angle)) + $marginM;

        return new self($angle, $clearance / (1 - $handsRise));
    }

    /** Where nobody is named: somebody of 175 cm with a thin coated cable (our assumption). */
    public static function usual(): self
    {
        return self::of(self::USUAL_FOOT_M, self::USUAL_DEPTH_M, self::USUAL_CABLE_M);
    }

    /** The angle the rope turns from when it comes under the feet to when the last of so many passes has left them. */
    public function angleOf(int $passes): float
    {
        return 2 * \M_PI * ($passes - 1) + 2 * $this->halfAngle;
    }
}
