<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

/**
 * Lines as people type them into a chat: a name, then a number; perhaps behind a dash or a count.
 */
final class TypedLines
{
    private const BULLET = '/^\s*(?:[-*•–—]+\s+|\d{1,3}[.)]\s*)/u';

    /** A length at one end of the line; what stands between it and the name parts them. */
    private const NUMBER = <<<'RE'
        (?<number>\d[\d.,]*\s*(?:mm|cm|m(?:\s?\d\d)?|inches|inch|in|"|”|″
            |(?:'|’|′|ft|feet|foot)\s*\d{0,2}(?:[.,]5|½)?\s*(?:"|”|″|''|inches|inch|in)?)?)
        RE;
    private const NAME_FIRST = '/^(?<name>.*?)[\s:,(–—-]*'.self::NUMBER.'\)?\s*$/iux';
    /** `Femi: tall` says that its height is still to be written. */
    private const WORD_LAST = '/^(?<name>[^:\d]+):\s*(?<number>[^:]+)$/u';
    private const NUMBER_FIRST = '/^'.self::NUMBER.'[\s:,–—-]+(?<name>\p{L}.*)$/iux';

    /**
     * @param list<string> $lines
     *
     * @return \Generator<int, list<string>> name and number by line; the number is empty where there is none
     */
    public static function cells(array $lines): \Generator
    {
        foreach ($lines as $i => $line) {
            $plain = (string) preg_replace(self::BULLET, '', $line);
            if ('' === trim($plain) || self::isTitle($plain)) {
                continue;
            }
            $found = self::parted($plain);
            yield $i + 1 => [$found['name'] ?? $plain, $found['number'] ?? ''];
        }
    }

    /**
     * @return array<string> by name and number; empty: the line is of one piece
     */
    private static function parted(string $line): array
    {
        foreach ([self::NUMBER_FIRST, self::NAME_FIRST, self::WORD_LAST] as $way) {
            if (1 === preg_match($way, $line, $found)) {
                return $found;
            }
        }

        return [];
    }

    /** "Tuesday group:" is about the lines below it. */
    private static function isTitle(string $line): bool
    {
        return 1 === preg_match('/^[^\d]+:\s*$/u', $line);
    }
}
