<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

/**
 * A row whose changes name the version they were made from.
 */
interface VersionedRow
{
    public function version(): int;
}
