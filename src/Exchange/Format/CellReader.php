<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Exchange\Table\Column;
use Zumbo\App\Exchange\Table\ColumnKind;

/**
 * Turns what stands in a file into the value of a column, in one form for each thing. Null from `value()` means: that
 * can't stand there; an empty optional cell is read before.
 */
final class CellReader
{
    /** An instant before the millennium, or long after us, is a slip. */
    private const YEARS = ['from' => '2000', 'to' => '2100'];

    /** @param mixed $given a string from CSV, any value from JSON */
    public static function isEmpty(Column $column, mixed $given): bool
    {
        return null === $given
            || ('' === $given && ColumnKind::Text !== $column->kind && ColumnKind::Choices !== $column->kind);
    }

    /**
     * @return string|int|float|bool|list<string>|null
     */
    public static function value(Column $column, mixed $given, bool $fromText): string|int|float|bool|array|null
    {
        $value = $fromText && \is_string($given) ? self::untyped($column, $given) : $given;

        return match ($column->kind) {
            ColumnKind::Id => \is_string($value) && UuidV7::isValid($value)
                ? UuidV7::fromRfc4122(strtolower($value))->toRfc4122()
                : null,
            ColumnKind::Text => \is_string($value) ? self::text($column, $value) : null,
            ColumnKind::Number => (\is_float($value) || \is_int($value))
            && $value >= $column->least
            && $value <= $column->most
                ? (float) $value
                : null,
            ColumnKind::Whole => \is_int($value) && $value >= $column->least && $value <= $column->most ? $value : null,
            ColumnKind::Flag => \is_bool($value) ? $value : null,
            ColumnKind::Choice => \is_string($value) && \in_array($value, $column->choices, true) ? $value : null,
            ColumnKind::Choices => \is_array($value) ? self::choices($column, $value) : null,
            ColumnKind::Day => self::moment($value, 'Y-m-d'),
            ColumnKind::Instant => self::moment($value, 'Y-m-d\TH:i:s\Z'),
        };
    }

    private static function untyped(Column $column, string $cell): mixed
    {
        return match ($column->kind) {
            ColumnKind::Number => 1 === preg_match('/^\d{1,6}(\.\d{1,17})?$/', $cell) ? (float) $cell : null,
            ColumnKind::Whole => 1 === preg_match('/^\d{1,9}$/', $cell) ? (int) $cell : null,
            ColumnKind::Flag => ['true' => true, 'false' => false][$cell] ?? null,
            ColumnKind::Choices => '' === $cell ? [] : explode(';', $cell),
            default => $cell,
        };
    }

    /** Line ends as \n; no other control characters, and valid UTF-8. */
    private static function text(Column $column, string $given): ?string
    {
        $text = str_replace("\r\n", "\n", $given);
        $length = mb_strlen($text);
        if (
            $length < $column->least
            || $length > $column->most
            || !mb_check_encoding($text, 'UTF-8')
            || 1 === preg_match('/[^\P{C}\n\t]/u', $text)
        ) {
            return null;
        }

        return $column->least > 0 && '' === trim($text) ? null : $text;
    }

    /**
     * @param array<mixed> $given
     *
     * @return list<string>|null in the order of the column's list
     */
    private static function choices(Column $column, array $given): ?array
    {
        $known = array_values(array_intersect($column->choices, array_filter($given, is_string(...))));

        return \count($known) === \count($given) ? $known : null;
    }

    private static function moment(mixed $given, string $format): ?string
    {
        $read =
            \is_string($given) && 1 === preg_match('/^[\dTZ:-]{10,20}$/D', $given)
                ? \DateTimeImmutable::createFromFormat('!'.$format, $given, new \DateTimeZone('UTC'))
                : false;
        if (false === $read || $read->format($format) !== $given) {
            return null;
        }
        $year = $read->format('Y');

        return $year >= self::YEARS['from'] && $year < self::YEARS['to'] ? $given : null;
    }
}
