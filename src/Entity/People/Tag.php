<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

/**
 * The one to three letters by which a typed line names an athlete. Given once and kept: whoever comes later takes what
 * is free, so that fingers that know a tag are right for ever.
 */
final class Tag
{
    public const MOST_LETTERS = 3;

    /**
     * @param array<string, true> $taken
     *
     * @return string lower case: the initial, else two letters of the name, else any that are free
     */
    public static function free(string $name, array $taken): string
    {
        $plain = self::letters($name);
        foreach (['', ...str_split(substr($plain, 1).'x'), ...range('a', 'z')] as $second) {
            if (!isset($taken[$plain[0].$second])) {
                return $plain[0].$second;
            }
        }
        foreach (range('a', 'z') as $first) {
            foreach (range('a', 'z') as $second) {
                if (!isset($taken[$first.$second])) {
                    return $first.$second;
                }
            }
        }
        // A gym of more than 676: three letters, the next free ones.
        $three = 'aaa';
        while (isset($taken[$three])) {
            ++$three;
        }

        return $three;
    }

    public static function isOne(string $text): bool
    {
        return 1 === preg_match('/^[a-z]{1,'.self::MOST_LETTERS.'}$/', $text);
    }

    /** Lower-case letters only, without accents; never empty. */
    private static function letters(string $name): string
    {
        $apart = \Normalizer::normalize($name, \Normalizer::FORM_D);
        $letters = (string) preg_replace(
            '/[^a-z]/',
            '',
            strtolower((string) preg_replace('/\p{Mn}/u', '', \is_string($apart) ? $apart : $name)),
        );

        return '' === $letters ? 'z' : $letters;
    }
}
