<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\Core\Drill\CountKind;

/**
 * As what a typed line goes to the log: what was jumped is logged, also when no more is offered today.
 */
final readonly class LoggedAsView
{
    public function __construct(public string $drill, public CountKind $countKind)
    {
    }
}
