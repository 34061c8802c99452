<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

/**
 * One written form for each e-mail: what looks the same to a coach is the same account, with one count of attempts; what
 * only the database's collation takes for the same (marén@, maren@) is another.
 */
final class CanonicalEmail
{
    public static function of(string $typed): string
    {
        $compatible = \Normalizer::normalize(mb_scrub($typed), \Normalizer::FORM_KC);

        $bare = preg_replace('/^[\s\p{Z}]+|[\s\p{Z}]+$/u', '', \is_string($compatible) ? $compatible : $typed);

        return mb_strtolower($bare ?? $typed);
    }
}
