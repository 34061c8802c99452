<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

use Zumbo\Core\Measure\Verdict;

/**
 * A line that needs a look: which, in what field, what stood there, and in words what would be right.
 */
final readonly class LineFault
{
    public function __construct(public int $line, public string $field, public string $value, public Verdict $says)
    {
    }
}
