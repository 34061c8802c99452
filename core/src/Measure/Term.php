<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * A word of the job's vocabulary, as a verdict carries it: of which kind, and which. What people typed is text and
 * never a term, so an athlete who is called like a fault is greeted by their own name.
 */
final readonly class Term implements \JsonSerializable
{
    private function __construct(public string $kind, public string $code)
    {
    }

    /** The kind is the enum's name: Stance::TwoFeet is the stance "two-feet". */
    public static function of(\BackedEnum $case): self
    {
        $name = substr((string) strrchr($case::class, '\\'), 1);

        return new self(strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $name)), (string) $case->value);
    }

    /** One of a table's rows, which are no enum: a fault. */
    public static function named(string $kind, string $code): self
    {
        return new self($kind, $code);
    }

    /** The same word said for another purpose: a point of an inspection as what was found wrong. */
    public function as(string $kind): self
    {
        return new self($kind, $this->code);
    }

    public function jsonSerialize(): string
    {
        return $this->code;
    }
}
