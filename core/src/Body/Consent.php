<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

/**
 * Whose guardian has to agree before anything is kept of them. Only birth years are known, so whoever may still be 17
 * this year counts as a minor.
 */
final class Consent
{
    public const OF_AGE = 18;

    /** @param int|null $birthYear null: taken as grown up */
    public static function isMissing(?int $birthYear, bool $given, int $year): bool
    {
        return null !== $birthYear && !$given && $year - $birthYear <= self::OF_AGE;
    }
}
