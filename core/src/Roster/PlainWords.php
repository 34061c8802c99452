<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

/**
 * What is written in a hurry is the same without capitals and accents.
 */
final class PlainWords
{
    public static function of(string $written): string
    {
        $written = mb_scrub($written);
        $apart = \Normalizer::normalize($written, \Normalizer::FORM_D);

        return mb_strtolower((string) preg_replace('/\p{Mn}/u', '', \is_string($apart) ? $apart : $written));
    }
}
