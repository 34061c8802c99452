<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * The lowest point of a smooth function of two variables: the simplex of Nelder & Mead (Computer J. 7 (1965) 308–313)
 * finds the valley, Newton steps on numerical derivatives its floor.
 */
final class Minimiser
{
    private const SIMPLEX_STEPS = 400;
    private const NEWTON_STEPS = 12;
    private const STEP = 1e-4;

    /**
     * @param callable(float, float): float $function
     *
     * @return array{float, float}
     *
     * @throws NotSolvable when the function is not finite at the start
     */
    public static function of(callable $function, float $x, float $y, float $size = 0.5): array
    {
        if (!is_finite($function($x, $y))) {
            throw NotSolvable::outside('start', $x, 'where the function is finite');
        }
        $at = static fn (float $x, float $y): array => [$function($x, $y), $x, $y];
        $simplex = [$at($x, $y), $at($x + $size, $y), $at($x, $y + $size)];
        for ($i = 0; $i < self::SIMPLEX_STEPS; ++$i) {
            sort($simplex);
            if ($simplex[2][0] - $simplex[0][0] < 1e-13 * (1 + abs($simplex[0][0]))) {
                break;
            }
            $simplex = self::step($simplex, $at);
        }
        sort($simplex);

        return self::polish($function, $simplex[0][1], $simplex[0][2]);
    }

    /**
     * Second derivatives [xx, xy, yy] by central differences.
     *
     * @param callable(float, float): float $function
     *
     * @return array{float, float, float}
     */
    public static function curvature(callable $function, float $x, float $y, float $h = self::STEP): array
    {
        $f = $function($x, $y);

        return [
            ($function($x + $h, $y) - 2 * $f + $function($x - $h, $y)) / $h ** 2,
            ($function($x + $h, $y + $h) -
                $function($x + $h, $y - $h) -
                $function($x - $h, $y + $h) +
                $function($x - $h, $y - $h)) /
            (4 * $h ** 2),
            ($function($x, $y + $h) - 2 * $f + $function($x, $y - $h)) / $h ** 2,
        ];
    }

    /**
     * @param list<array{float, float, float}>                   $simplex value, x, y; the best first
     * @param callable(float, float): array{float, float, float} $at
     *
     * @return list<array{float, float, float}>
     */
    private static function step(array $simplex, callable $at): array
    {
        [$best, $second, $worst] = $simplex;
        $towards = static fn (float $by): array => $at(
            (($best[1] + $second[1]) / 2) * (1 + $by) - $by * $worst[1],
            (($best[2] + $second[2]) / 2) * (1 + $by) - $by * $worst[2],
        );
        $mirrored = $towards(1.0);
        if ($mirrored[0] < $best[0]) {
            $further = $towards(2.0);

            return [$best, $second, $further[0] < $mirrored[0] ? $further : $mirrored];
        }
        if ($mirrored[0] < $second[0]) {
            return [$best, $second, $mirrored];
        }
        $inward = $towards(-0.5);
        if ($inward[0] < $worst[0]) {
            return [$best, $second, $inward];
        }
        $halfway = static fn (float $x, float $y): array => $at(($best[1] + $x) / 2, ($best[2] + $y) / 2);

        return [$best, $halfway($second[1], $second[2]), $halfway($worst[1], $worst[2])];
    }

    /**
     * @param callable(float, float): float $function
     *
     * @return array{float, float}
     */
    private static function polish(callable $function, float $x, float $y): array
    {
        for ($i = 0; $i < self::NEWTON_STEPS; ++$i) {
            $h = self::STEP;
            $gx = ($function($x + $h, $y) - $function($x - $h, $y)) / (2 * $h);
            $gy = ($function($x, $y + $h) - $function($x, $y - $h)) / (2 * $h);
            [$xx, $xy, $yy] = self::curvature($function, $x, $y);
            $determinant = $xx * $yy - $xy ** 2;
            if (!($determinant > 0)) {
                break;
            }
            $dx = ($yy * $gx - $xy * $gy) / $determinant;
            $dy = ($xx * $gy - $xy * $gx) / $determinant;
            if (!is_finite($dx) || !is_finite($dy) || $function($x - $dx, $y - $dy) > $function($x, $y) + 1e-9) {
                break;
            }
            [$x, $y] = [$x - $dx, $y - $dy];
            if (hypot($dx, $dy) < 1e-10) {
                break;
            }
        }

        return [$x, $y];
    }
}
