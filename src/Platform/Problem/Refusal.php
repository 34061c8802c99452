<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

/**
 * An exception that knows what the client should be told.
 */
interface Refusal extends \Throwable
{
    public function problem(): Problem;
}
