<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Numeric\EllipticIntegral;
use Zumbo\Core\Numeric\JacobiSine;
use Zumbo\Core\Numeric\RootFinder;

/**
 * The curve of a rope turning so fast that its weight does not matter, held at two points 2a apart: a troposkein.
 *
 *     L/2a = 2E/((1−m)K) − 1      d/a = 2k/((1−m)K)      y(x) = d·sn(K(1−|x|/a), k)
 *
 * with modulus k, m = k², d the depth of the arc. Source: B. F. Blackwell & G. E. Reis, Blade shape for a troposkien
 * type of vertical-axis wind turbine, Sandia Laboratories, SLA-74-0154 (1974). Neglected: gravity, air drag, and the
 * angle at which the rope leaves the handle. Derivation and valid range: docs/models/rope.md.
 */
final readonly class TurningRope
{
    /** Below this much slack, L/2a − 1, the series for m is exact to double precision where the equation is not. */
    private const SERIES_BELOW = 1e-3;

    /** Beyond this ratio of cable to span the two halves hang side by side: d = L/2 to all digits. */
    private const FOLDED_FROM = 1e12;

    private const LOG_TOLERANCE = 1e-14;

    private function __construct(
        public Length $cable,
        public Length $span,
        public Length $depth,
        /** 1 − m, kept instead of m because m is close to 1. */
        private float $complement,
    ) {
    }

    /**
     * @param Length $cable between the handle tips, above 0
     * @param Length $span  between the handle tips in the air, 0 or above
     *
     * @throws RopeTooShort when the cable is shorter than the span
     * @throws OutOfRange   when a length is negative
     */
    public static function ofCable(Length $cable, Length $span): self
    {
        self::refuseNegative($cable, $span);
        if ($cable->compareTo($span) < 0) {
            throw RopeTooShort::forSpan($cable, $span);
        }
        $ratio = $span->metres() > 0 ? $cable->metres() / $span->metres() : \INF;
        if ($ratio >= self::FOLDED_FROM) {
            return new self($cable, $span, $cable->times(0.5), 0.0);
        }
        $complement = self::complementForRatio($ratio);

        return new self($cable, $span, $span->times(self::depthPerHalfSpan($complement) / 2), $complement);
    }

    /**
     * @param Length $depth of the arc below the hands, 0 or above
     * @param Length $span  between the handle tips, 0 or above
     *
     * @throws OutOfRange when a length is negative
     */
    public static function ofDepth(Length $depth, Length $span): self
    {
        self::refuseNegative($depth, $span);
        $perHalfSpan = $span->metres() > 0 ? (2 * $depth->metres()) / $span->metres() : \INF;
        if ($perHalfSpan >= self::FOLDED_FROM) {
            return new self($depth->times(2), $span, $depth, 0.0);
        }
        $complement = self::complementForDepth($perHalfSpan);

        return new self($span->times(self::lengthPerSpan($complement)), $span, $depth, $complement);
    }

    /** The modulus k of the curve, 0 (stretched) to 1 (folded). */
    public function modulus(): float
    {
        return sqrt(1 - $this->complement);
    }

    /** The complete elliptic integral K of the curve. */
    public function quarterPeriod(): float
    {
        return EllipticIntegral::ofComplement($this->complement)->first;
    }

    /**
     * How far the rope is below the hands, at distances from the middle.
     *
     * @param list<float> $xs metres from the middle, −a to a; outside of the hands there is no rope: 0
     *
     * @return list<float> metres below the hands
     */
    public function depthsAt(array $xs): array
    {
        $half = $this->span->metres() / 2;
        if (0.0 === $this->complement) {
            return array_map(fn (float $x): float => abs($x) <= $half ? $this->depth->metres() : 0.0, $xs);
        }
        $sine = JacobiSine::ofComplement($this->complement);
        $quarter = EllipticIntegral::ofComplement($this->complement)->first;

        return array_map(
            fn (float $x): float => abs($x) < $half
                ? $this->depth->metres() * $sine->at($quarter * (1 - abs($x) / $half))
                : 0.0,
            $xs,
        );
    }

    /**
     * The curve from the left hand to the right, evenly spread in x.
     *
     * @param int<2, max> $points
     *
     * @return list<array{x_m: float, y_m: float}> y below the hands
     */
    public function shape(int $points): array
    {
        $half = $this->span->metres() / 2;
        $xs = array_map(static fn (int $i): float => $half * ((2 * $i) / ($points - 1) - 1), range(0, $points - 1));

        return array_map(static fn (float $x, float $y): array => ['x_m' => $x, 'y_m' => $y], $xs, $this->depthsAt($xs));
    }

    /** The same cable with the hands closer or wider apart. */
    public function withSpan(Length $span): self
    {
        return self::ofCable($this->cable, $span);
    }

    private static function refuseNegative(Length $first, Length $span): void
    {
        foreach (['rope' => $first, 'hand span' => $span] as $name => $length) {
            if ($length->metres() < 0) {
                throw OutOfRange::of($name, \sprintf('%.6g m', $length->metres()), '0 or above');
            }
        }
    }

    private static function complementForRatio(float $ratio): float
    {
        $slack = $ratio - 1;
        if ($slack < self::SERIES_BELOW) {
            // L/2a − 1 = m + 7/8 m² + 13/16 m³ + …, inverted
            return 1 - $slack * (1 - $slack * (7 / 8 - ($slack * 23) / 32));
        }
        // E ≤ π/2 ≤ K gives 1 − m ≤ 2/(L/2a + 1): the upper end. Below, K grows only as −ln(1 − m)/2.
        $high = min(0.0, log(2 / ($ratio + 1)));
        $low = $high - 2 - log(1 + abs($high));
        $target = log($ratio + 1);
        $equation = static fn (float $x): float => log(self::lengthPerSpan(exp($x)) + 1) - $target;

        return exp(RootFinder::between($equation, $low, $high, self::LOG_TOLERANCE));
    }

    private static function complementForDepth(float $perHalfSpan): float
    {
        if ($perHalfSpan < 0.1) {
            // d/a = 2k/((1−m)K) as a fixed point for m: a contraction by about 2.5 m per step
            $m = 0.0;
            for ($i = 0; $i < 12; ++$i) {
                $m = (($perHalfSpan * (1 - $m) * EllipticIntegral::ofComplement(1 - $m)->first) / 2) ** 2;
            }

            return 1 - $m;
        }
        $high = min(log1p(-1e-3), log(4 / (\M_PI * $perHalfSpan)));
        $low = $high - 3 - log(1 + abs($high));
        $target = log($perHalfSpan);
        $equation = static fn (float $x): float => log(self::depthPerHalfSpan(exp($x))) - $target;

        return exp(RootFinder::between($equation, $low, $high, self::LOG_TOLERANCE));
    }

    private static function lengthPerSpan(float $complement): float
    {
        $integral = EllipticIntegral::ofComplement($complement);

        return (2 * $integral->second) / ($complement * $integral->first) - 1;
    }

    private static function depthPerHalfSpan(float $complement): float
    {
        return (2 * sqrt(1 - $complement)) / ($complement * EllipticIntegral::ofComplement($complement)->first);
    }
}
