<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * One touch on the clock.
 */
final readonly class ClockMoveInput
{
    public const MOVES = ['pause', 'go', 'skip', 'add', 'take'];

    public function __construct(
        /** Stand still, go on, on to the next change, 30 s more, 30 s less. */
        #[Assert\Choice(choices: self::MOVES)] public string $move,
    ) {
    }
}
