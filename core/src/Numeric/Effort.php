<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * How much a long computation may still do, counted in its innermost steps and not by a clock, so that the same question
 * is answered, or refused, everywhere alike.
 */
final class Effort
{
    /** Some fifteen seconds of plain PHP on an ordinary machine. */
    public const USUAL = 500_000_000;

    /** Some four seconds: what somebody waits for at a screen. */
    public const AT_A_SCREEN = 150_000_000;

    private int $left;

    /** @param int $most steps, 0 or more */
    public function __construct(private readonly int $most = self::USUAL)
    {
        $this->left = $most;
    }

    /** @throws TooMuchWork when it is used up */
    public function spend(int $steps): void
    {
        $this->left -= $steps;
        if ($this->left < 0) {
            throw TooMuchWork::over($this->most, 'steps');
        }
    }
}
