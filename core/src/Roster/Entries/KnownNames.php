<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Roster\PersonName;
use Zumbo\Core\Roster\PlainWords;

/**
 * Finds whom a list means: by the whole name, or as much of it as tells one from all others.
 */
final readonly class KnownNames
{
    /** @var list<array{string, list<string>}> each with its words */
    private array $names;

    /** @param list<string> $names that the gym has; two may be called the same */
    public function __construct(array $names)
    {
        $this->names = array_map(static fn (string $name): array => [$name, self::words($name)], $names);
    }

    /**
     * @return list<string> names it can be; a whole name goes before one that it begins
     */
    public function called(string $written): array
    {
        $sought = self::words($written);
        $whole = array_filter($this->names, static fn (array $one): bool => $one[1] === $sought);
        $meant = [] !== $whole ? $whole : array_filter($this->names, static fn (array $one): bool => self::fits($sought, $one[1]));

        return array_column($meant, 0);
    }

    /**
     * One word is theirs; the others may be begun: "Bram O.".
     *
     * @param list<string> $sought
     * @param list<string> $of
     */
    private static function fits(array $sought, array $of): bool
    {
        $first = array_search($sought[0] ?? '', $of, true);
        if (false === $first) {
            return false;
        }
        unset($of[$first]);
        foreach (\array_slice($sought, 1) as $begun) {
            $found = array_filter($of, static fn (string $word): bool => str_starts_with($word, $begun));
            if ([] === $found) {
                return false;
            }
            unset($of[array_key_first($found)]);
        }

        return true;
    }

    /**
     * @return list<string> in small letters without accents
     */
    private static function words(string $name): array
    {
        $plain = (string) preg_replace('/[^\p{L}\d\' -]+/u', ' ', PlainWords::of(PersonName::of($name)));
        $words = preg_split('/[\s-]+/', $plain, -1, \PREG_SPLIT_NO_EMPTY);

        return false === $words ? [] : $words;
    }
}
