<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Answer;

/**
 * A result as lines a person can read: `key: value`, rows of lists on one line each, reasons as their sentences.
 */
final class PlainText
{
    /**
     * @param array<int|string, mixed> $result
     */
    public static function of(array $result): string
    {
        $text = '';
        foreach ($result as $key => $value) {
            if (!\is_array($value)) {
                $text .= \sprintf("%s: %s\n", $key, self::scalar($value));
                continue;
            }
            $text .= $key.":\n";
            foreach ($value as $row) {
                $text .= '  '.(\is_array($row) ? self::row($row) : self::scalar($row))."\n";
            }
        }

        return $text;
    }

    /**
     * @param array<int|string, mixed> $row
     */
    private static function row(array $row): string
    {
        if (\is_string($row['sentence'] ?? null)) {
            return $row['sentence'];
        }
        $parts = [];
        foreach ($row as $key => $value) {
            $parts[] = \is_array($value) ? $key.'=…' : $key.'='.self::scalar($value);
        }

        return implode('  ', $parts);
    }

    private static function scalar(mixed $value): string
    {
        return match (true) {
            \is_float($value) => \sprintf('%.4f', $value),
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_scalar($value) => (string) $value,
            default => '–',
        };
    }
}
