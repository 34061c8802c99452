<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

/**
 * A name as lists have it.
 */
final class PersonName
{
    public const LONGEST = 80;

    /** `Tannow, Ilse` is how registers sort; everywhere else the first name comes first. */
    public static function of(string $written): string
    {
        // Out of an address book: the address is no matter of ours.
        $written = (string) preg_replace('/<[^>]*@[^>]*>/', '', $written);
        $name = 1 === preg_match('/^([^,]+),\s*([^,]+)$/u', $written, $found) ? $found[2].' '.$found[1] : $written;

        return trim((string) preg_replace('/[\s\p{Z}]+/u', ' ', $name));
    }

    /** What is the same for two writings of one name. */
    public static function key(string $name): string
    {
        return mb_strtolower(self::of($name));
    }
}
