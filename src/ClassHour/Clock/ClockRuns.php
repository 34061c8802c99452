<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * A class has one clock: another runs already.
 */
final class ClockRuns extends \RuntimeException implements Refusal
{
    public function problem(): Problem
    {
        return Problem::of(409, 'A clock runs', 'A clock of this class runs already: go to it, or end it first.');
    }
}
