<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Zumbo\App\Platform\Problem\BadField;

/**
 * No gym of this machine is meant.
 */
final class UnknownGym
{
    public static function named(string $field, string $name): BadField
    {
        return BadField::of($field, $name, 'the name or the id of a gym: `./zumbo gym list` shows them');
    }
}
