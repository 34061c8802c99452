<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Hops on one foot, then as many on the other: down from n to 1, or up to n and down again (common practice, no published
 * source). A foot's hops: n(n+1)/2, or n².
 */
final readonly class FootGame
{
    public const MOST_TOP = 20;

    /**
     * @param non-empty-list<int> $hops of each foot, step by step
     */
    private function __construct(public array $hops)
    {
    }

    /** @throws OutOfRange when the first number is not from 1 to 20 */
    public static function countdown(int $from): self
    {
        return new self(range(self::within('first number', $from), 1));
    }

    /** @throws OutOfRange when the top is not from 1 to 20 */
    public static function pyramid(int $top): self
    {
        $up = range(1, self::within('top', $top));

        return new self([...$up, ...\array_slice(array_reverse($up), 1)]);
    }

    public function eachFoot(): int
    {
        return array_sum($this->hops);
    }

    public function landings(): int
    {
        return 2 * $this->eachFoot();
    }

    private static function within(string $what, int $number): int
    {
        return $number < 1 || $number > self::MOST_TOP
            ? throw OutOfRange::of($what, (string) $number, 'from 1 to '.self::MOST_TOP)
            : $number;
    }
}
