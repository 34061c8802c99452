<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * An athletes' link that shows nothing (any more). Why is not told: whoever tries one at random learns nothing.
 */
final class ClassIsOver extends \RuntimeException implements Refusal
{
    public function problem(): Problem
    {
        return Problem::of(
            404,
            'No class at this link',
            'This class is over, or the link was not copied whole. Ask your coach for the one of today.',
        );
    }
}
