<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

use Zumbo\Core\Measure\Length;

/**
 * The input of a computation, read and checked: every field is here, in SI units, or null when optional and left out.
 */
final readonly class Inputs
{
    /**
     * @param array<string, float|string|list<float>|array<string, float>|null> $values by field name
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

        return \is_array($value) ? $value : throw new \LogicException('no numbers in '.$field);
    }
}
