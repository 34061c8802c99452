<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Access;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * More tries than a person makes.
 */
final class TooManyTries extends \RuntimeException implements Refusal
{
    public function problem(): Problem
    {
        return Problem::of(429, 'Too many attempts', 'Too many attempts: wait a minute, then try again.');
    }
}
