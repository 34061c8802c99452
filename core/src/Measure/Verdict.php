<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * What a rule found, as a code and the values it rests on. Words for people are made of it in one place,
 * Zumbo\Core\Messages\MessageCatalogue; a refusal is a verdict, not an exception.
 *
 * Values are in SI units, the unit in the key (`off_by_m`); a string is what somebody wrote, a Term a word of the
 * vocabulary.
 *
 * @phpstan-type Value float|int|string|bool|Term|list<Term>
 */
final readonly class Verdict
{
    /**
     * @param array<string, Value> $values
     */
    private function __construct(public string $code, public array $values)
    {
    }

    /**
     * @param array<string, Value> $values
     */
    public static function of(string $code, array $values = []): self
    {
        return new self($code, $values);
    }
}
