<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * Something with jumps in it was asked for somebody who may not jump today.
 */
final class JumpingIsOff extends \DomainException implements Refusal
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function problem(): Problem
    {
        return Problem::of(409, 'No jumping today', $this->getMessage());
    }
}
