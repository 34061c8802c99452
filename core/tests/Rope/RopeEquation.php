<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

/**
 * A turning rope by brute force: its differential equation integrated step by step, with no elliptic function in sight.
 *
 * Along the arc length s, with u the slope and q = μω²/T₀: x′ = 1/√(1+u²), y′ = −u/√(1+u²), u′ = q·y. Started at the
 * lowest point, stopped where the rope meets the axis.
 */
final readonly class RopeEquation
{
    private const STEP = 2e-4;

    /**
     * @param list<array{float, float}> $points on the curve, distance from the middle and depth
     */
    private function __construct(
        public float $depth,
        public float $halfSpan,
        public float $length,
        public array $points,
    ) {
    }

    /**
     * @return iterable<string, array{self}>
     */
    public static function curves(): iterable
    {
        foreach ([0.5, 1.0, 2.0, 3.0, 4.5, 8.0] as $q) {
            yield "q = $q" => [self::integrate(1.0, $q)];
        }
    }

    private static function integrate(float $depth, float $q): self
    {
        [$s, $x, $y, $u] = [0.0, 0.0, $depth, 0.0];
        $points = [];
        $before = [$s, $x, $y];
        for ($i = 0; $y > 0; ++$i) {
            if (0 === $i % 700) {
                $points[] = [$x, $y];
            }
            $before = [$s, $x, $y];
            [$x, $y, $u] = self::step($x, $y, $u, $q);
            $s += self::STEP;
        }
        // The last step is so short that the rope is straight there.
        $share = $before[2] / ($before[2] - $y);

        return new self(
            $depth,
            $before[1] + $share * ($x - $before[1]),
            2 * ($before[0] + $share * self::STEP),
            $points,
        );
    }

    /**
     * One step of the classical Runge–Kutta method.
     *
     * @return array{float, float, float}
     */
    private static function step(float $x, float $y, float $u, float $q): array
    {
        $h = self::STEP;
        $slope = static fn (float $y, float $u): array => [1 / hypot(1, $u), -$u / hypot(1, $u), $q * $y];
        $k1 = $slope($y, $u);
        $k2 = $slope($y + ($h / 2) * $k1[1], $u + ($h / 2) * $k1[2]);
        $k3 = $slope($y + ($h / 2) * $k2[1], $u + ($h / 2) * $k2[2]);
        $k4 = $slope($y + $h * $k3[1], $u + $h * $k3[2]);
        $mean = static fn (int $i): float => ($h / 6) * ($k1[$i] + 2 * $k2[$i] + 2 * $k3[$i] + $k4[$i]);

        return [$x + $mean(0), $y + $mean(1), $u + $mean(2)];
    }
}
