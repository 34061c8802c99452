<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Measure\Length;

/**
 * The input of a computation, read and checked: every field is here, in SI units, or null when optional and left out.
 *
 * @phpstan-type Read float|string|list<float>|list<string>|array<string, float>|list<list<float|null>>
 */
final readonly class Inputs
{
    /**
     * @param array<string, Read|self|list<self>|\Traversable<mixed>|null> $values by field name
     */
    public function __construct(private array $values)
    {
    }

    public function has(string $field): bool
    {
        return null !== ($this->values[$field] ?? null);
    }

    public function number(string $field): float
    {
        $value = $this->values[$field] ?? null;

        return \is_float($value) ? $value : throw new \LogicException('no number in '.$field);
    }

    public function length(string $field): Length
    {
        return Length::ofMetres($this->number($field));
    }

    public function text(string $field): string
    {
        $value = $this->values[$field] ?? null;

        return \is_string($value) ? $value : throw new \LogicException('no text in '.$field);
    }

    /**
     * @return array<int|string, float>
     */
    public function numbers(string $field): array
    {
        $value = $this->values[$field] ?? [];

        if (!\is_array($value)) {
            throw new \LogicException('no numbers in '.$field);
        }

        return array_filter($value, is_float(...));
    }

    /** A whole number, checked by the reader. */
    public function whole(string $field): int
    {
        return (int) $this->number($field);
    }

    /**
     * @return list<string>
     */
    public function texts(string $field): array
    {
        $value = $this->values[$field] ?? [];

        return \is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /**
     * @return list<self>
     */
    public function rows(string $field): array
    {
        $value = $this->values[$field] ?? [];

        return \is_array($value)
            ? array_values(array_filter($value, static fn (mixed $row): bool => $row instanceof self))
            : [];
    }

    /**
     * @return list<list<float|null>>
     */
    public function table(string $field): array
    {
        $rows = [];
        foreach ((array) ($this->values[$field] ?? []) as $row) {
            $rows[] = \is_array($row)
                ? array_map(static fn (mixed $one): ?float => \is_float($one) ? $one : null, array_values($row))
                : throw new \LogicException('no table in '.$field);
        }

        return $rows;
    }

    /**
     * @return iterable<string> the bytes of a file, in pieces
     */
    public function bytes(string $field): iterable
    {
        $value = $this->values[$field] ?? null;
        foreach (
            $value instanceof \Traversable ? $value : throw new \LogicException('no file in '.$field) as $piece
        ) {
            yield \is_string($piece) ? $piece : throw new \LogicException('no bytes in '.$field);
        }
    }

    public function record(string $field): ?self
    {
        $value = $this->values[$field] ?? null;

        return $value instanceof self ? $value : null;
    }
}
