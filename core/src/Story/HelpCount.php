<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Measure\OutOfRange;

/**
 * How often something helped, of so many goes.
 */
final readonly class HelpCount
{
    /** @throws OutOfRange when it helped more often than it was tried */
    public function __construct(public int $better, public int $goes)
    {
        if ($better < 0 || $better > $goes) {
            throw OutOfRange::of('better', (string) $better, \sprintf('from 0 to the %d goes', $goes));
        }
    }
}
