<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

/**
 * The birth years that are accepted. The day is nobody's business here.
 */
final class BirthYear
{
    public const LEAST = 1900;
    public const MOST = 2100;
}
