<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * A link that lets nobody in (any more). Why is not told: whoever tries one at random learns nothing.
 */
final class DeadLink extends \RuntimeException implements Refusal
{
    public function problem(): Problem
    {
        return Problem::of(
            404,
            'No such link',
            'This link is not good: it was used, taken back, is too old, or was not copied whole. Ask an owner of the gym for a new one.',
        );
    }
}
