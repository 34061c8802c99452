<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

/**
 * What each column of a list holds, as somebody has mended it: `0:name,2:height`, counted from 0.
 */
final class Meanings
{
    public const FORM = '/^$|^\d{1,2}:[a-z-]+(,\d{1,2}:[a-z-]+)*$/';

    /**
     * @template T of \BackedEnum
     *
     * @param string|null     $written of that form; null: nobody has said
     * @param class-string<T> $enum    of what such lists hold; other words are left out
     *
     * @return array<int, T>|null null: guess
     */
    public static function read(?string $written, string $enum): ?array
    {
        if (null === $written) {
            return null;
        }
        $meanings = [];
        foreach ('' === $written ? [] : explode(',', $written) as $one) {
            [$column, $word] = explode(':', $one);
            $meaning = $enum::tryFrom($word);
            if (null !== $meaning) {
                $meanings[(int) $column] = $meaning;
            }
        }

        return $meanings;
    }
}
