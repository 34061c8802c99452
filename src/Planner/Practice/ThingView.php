<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\Core\Drill\Equipment;

/**
 * How many there are of something in the hall.
 */
final readonly class ThingView
{
    public function __construct(public Equipment $thing, public string $title, public int $count)
    {
    }
}
