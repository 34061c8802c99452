<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

/**
 * The one or two letters by which a typed line names an athlete: the initial when nobody shares it, else two letters.
 */
final class Tags
{
    private const ONE_LETTER_UP_TO = 26;

    /**
     * @param array<string, string> $names by id
     *
     * @return array<string, string> tags by id, lower case, all different
     */
    public static function of(array $names): array
    {
        $plain = array_map(self::letters(...), $names);
        $initials = array_count_values(array_map(static fn (string $name): string => $name[0], $plain));
        $taken = [];
        $tags = [];
        foreach ($plain as $id => $name) {
            $alone = \count($names) <= self::ONE_LETTER_UP_TO && 1 === $initials[$name[0]];
            $tag = $alone ? $name[0] : self::two($name, $taken);
            $taken[$tag] = true;
            $tags[$id] = $tag;
        }

        return $tags;
    }

    /**
     * @param array<string, true> $taken
     */
    private static function two(string $name, array $taken): string
    {
        foreach ([...str_split(substr($name, 1).'x'), ...range('a', 'z')] as $second) {
            if (!isset($taken[$name[0].$second])) {
                return $name[0].$second;
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
