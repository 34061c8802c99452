<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Numeric;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Numeric\NotSolvable;
use Zumbo\Core\Numeric\RootFinder;

final class RootFinderTest extends TestCase
{
    /**
     * @param callable(float): float $function
     */
    #[DataProvider('functions')]
    public function testFindsTheZero(callable $function, float $low, float $high, float $root): void
    {
        self::assertEqualsWithDelta($root, RootFinder::between($function, $low, $high, 1e-12), 2e-12);
        self::assertEqualsWithDelta(
            $root,
            RootFinder::between($function, $high, $low, 1e-12),
            2e-12,
            'the bracket may be turned round',
        );
    }

    /**
     * @return iterable<string, array{callable(float): float, float, float, float}>
     */
    public static function functions(): iterable
    {
        yield 'a cosine' => [cos(...), 0.0, 3.0, \M_PI / 2];
        yield 'a line' => [static fn (float $x): float => 2 * $x - 1, 0.0, 10.0, 0.5];
        yield 'flat at the zero' => [static fn (float $x): float => ($x - 0.3) ** 3, -1.0, 1.0, 0.3];
        yield 'at the end of the bracket' => [static fn (float $x): float => $x, 0.0, 1.0, 0.0];
        yield 'a jump' => [static fn (float $x): float => $x < 0.7 ? -1.0 : 1.0, 0.0, 1.0, 0.7];
    }

    /** Brent's promise over plain bisection: few calls on a smooth function. */
    public function testNeedsFewCallsOnASmoothFunction(): void
    {
        $calls = 0;
        RootFinder::between(
            static function (float $x) use (&$calls): float {
                ++$calls;

                return exp($x) - 2;
            },
            0.0,
            2.0,
            1e-14,
        );
        self::assertLessThan(14, $calls);
    }

    public function testRefusesABracketWithoutSignChange(): void
    {
        $this->expectException(NotSolvable::class);
        RootFinder::between(static fn (float $x): float => $x * $x + 1, -1.0, 1.0, 1e-9);
    }
}
