<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;

/**
 * What a turning cable asks of the hands: pull, drag, and the circle the handle tips have to draw.
 *
 * Pull at the handle T = μω²d²(1+m)/(4m), at the bottom of the arc μω²d²(1−m)/(4m) (tension of the troposkein). Drag
 * power P = ½ρC_dDω³J with J = ∫y³ds = (2ad³/K)[(I₀−I₂) + (2m/(1−m))(I₂−I₄)]; C_d ≈ 1.1 for 10³ < Re < 10⁵ (standard
 * cylinder curve, e.g. Hoerner, Fluid-Dynamic Drag, 1965). A tip on the axis passes no torque, so it circles with r ≥
 * P/(2ωT). The out-of-plane lag is neglected (Aristoff & Stone, Proc. R. Soc. A 468 (2012) 720–730), so P is a lower
 * bound, not better than ±30 %. Derivation: docs/models/cable.md.
 */
final readonly class CableFeel
{
    /** Share by which the power may be off, for the lag that is neglected. */
    public const POWER_ACCURACY = 0.3;

    public const USUAL_DRAG_COEFFICIENT = 1.1;

    /** Dry air at 20 °C, kg/m³. */
    public const USUAL_AIR_DENSITY = 1.204;

    /** Below this m the closed form loses digits to cancelling; the series takes over. */
    private const SERIES_BELOW = 0.02;
    private const SERIES_TERMS = 10;

    private function __construct(
        public float $handlePullN,
        public float $bottomPullN,
        public float $dragPowerW,
        /** ∫y³ds along the rope, m⁴. */
        public float $dragIntegralM4,
        /** Least radius of the circle of each handle tip. */
        public float $wristCircleM,
        public float $cableMassKg,
    ) {
    }

    /** @throws OutOfRange when the diameter, a coefficient or the rate is not above 0 */
    public static function of(
        TurningRope $rope,
        LinearDensity $density,
        float $diameterM,
        Rate $turns,
        float $dragCoefficient = self::USUAL_DRAG_COEFFICIENT,
        float $airDensity = self::USUAL_AIR_DENSITY,
    ): self {
        foreach (
            ['diameter' => $diameterM, 'drag coefficient' => $dragCoefficient, 'air density' => $airDensity] as $name => $value
        ) {
            if (!($value > 0) || is_infinite($value)) {
                throw OutOfRange::of($name, \sprintf('%.6g', $value), 'above 0');
            }
        }
        $m = $rope->modulus() ** 2;
        $omega = $turns->radiansPerSecond();
        $handle = HandlePull::newtons($rope, $density, $turns);
        $integral = self::dragIntegral($rope);
        $power = 0.5 * $airDensity * $dragCoefficient * $diameterM * $omega ** 3 * $integral;

        return new self(
            $handle,
            $m > 0.0 ? ($handle * (1 - $m)) / (1 + $m) : 0.0,
            $power,
            $integral,
            $handle > 0.0 ? $power / (2 * $omega * $handle) : 0.0,
            $density->kilogramsPerMetre() * $rope->cable->metres(),
        );
    }

    private static function dragIntegral(TurningRope $rope): float
    {
        $k = $rope->modulus();
        $m = $k ** 2;
        $half = $rope->span->metres() / 2;
        if ($m <= 0.0 || $half <= 0.0 || $m >= 1.0) {
            // Stretched: no arc. Folded: two straight halves, each ∫y³dy = d⁴/4.
            return $m <= 0.0 && $half > 0.0 ? 0.0 : $rope->depth->metres() ** 4 / 2;
        }
        [$first, $second, $third] = self::sineIntegrals($m);

        return ((2 * $half * $rope->depth->metres() ** 3) / $rope->quarterPeriod()) *
            ($first - $second + ((2 * $m) / (1 - $m)) * ($second - $third));
    }

    /**
     * I₀ = ∫₀¹ du/(1 − mu²) and the same with u² and u⁴ on top: artanh(k)/k and what follows from it.
     *
     * @return array{float, float, float}
     */
    private static function sineIntegrals(float $m): array
    {
        if ($m < self::SERIES_BELOW) {
            return self::series($m);
        }
        $k = sqrt($m);
        $zeroth = atanh($k) / $k;
        $second = (1 - (1 - $m) * $zeroth) / (2 * $m);

        return [$zeroth, $second, (1 - 3 * (1 - $m) * $second) / (4 * $m)];
    }

    /**
     * @return array{float, float, float}
     */
    private static function series(float $m): array
    {
        // sn³ integrals as ∫(1−u²)^… : the same three quantities expanded in m
        $zeroth = $second = $third = 0.0;
        $power = 1.0;
        for ($n = 0; $n < self::SERIES_TERMS; ++$n) {
            $zeroth += $power / (2 * $n + 1);
            $second += $power * self::moment($n, 1);
            $third += $power * self::moment($n, 2);
            $power *= $m;
        }

        return [$zeroth, $second, $third];
    }

    /** Coefficients of the series of I₂ and I₄, from I₂ = (1 − (1−m)I₀)/(2m) and I₄ = (1 − 3(1−m)I₂)/(4m). */
    private static function moment(int $n, int $order): float
    {
        $second = static fn (int $j): float => 1 / ((2 * $j + 1) * (2 * $j + 3));

        return 1 === $order ? $second($n) : (3 / 4) * ($second($n) - $second($n + 1));
    }
}
