<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

/**
 * A view that is new: answered with 201 the first time and 200 when the same request comes again.
 */
final readonly class Created
{
    private function __construct(public object $view, public bool $now)
    {
    }

    public static function of(object $view, bool $now): self
    {
        return new self($view, $now);
    }
}
