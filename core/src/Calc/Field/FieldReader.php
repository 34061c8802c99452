<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\UnreadableLength;

/**
 * Reads raw input (JSON values, or texts from a command line) against the fields of a computation.
 */
final class FieldReader
{
    /** Only digits: PHP alone would also take blanks, hexadecimal and "1e999". */
    private const DECIMAL = '/^[+-]?(\d{1,12}(\.\d{0,15})?|\.\d{1,15})(e[+-]?\d{1,3})?$/i';

    private const MOST_LIST_ENTRIES = 2000;

    /**
     * @param list<Field>              $fields
     * @param array<int|string, mixed> $raw
     *
     * @throws BadInput naming the first field that can't be used
     */
    public static function read(array $fields, array $raw, string $within = ''): Inputs
    {
        $values = [];
        foreach ($fields as $field) {
            $names = array_values(
                array_filter(
                    [$field->name, ...$field->aliases],
                    static fn (string $name): bool => \array_key_exists($name, $raw),
                ),
            );
            if (\count($names) > 1) {
                throw BadInput::of($names[1], $raw[$names[1]], 'is given twice, also as '.$names[0]);
            }
            if ([] === $names) {
                if ($field->required) {
                    throw BadInput::missing($within.($field->aliases[0] ?? $field->name), $field->accepted());
                }
                $values[$field->name] = $field->default;
                continue;
            }
            $values[$field->name] = self::value($field, $names[0], $raw[$names[0]], $within);
            unset($raw[$names[0]]);
        }
        if ([] !== $raw) {
            $known = array_map(static fn (Field $field): string => $field->name, $fields);
            $first = array_key_first($raw);
            throw BadInput::of($within.$first, $raw[$first], 'no such field; known are '.implode(', ', $known));
        }

        return new Inputs($values);
    }

    /**
     * @return float|string|list<float>|list<string>|array<string, float>|list<list<float|null>>|Inputs|list<Inputs>|\Traversable<mixed>
     */
    private static function value(
        Field $field,
        string $written,
        mixed $given,
        string $within,
    ): float|string|array|Inputs|\Traversable {
        $name = $within.$written;

        return match ($field->kind) {
            FieldKind::Length => $written === $field->name
                ? self::number($field, $name, $given)
                : self::length($field, $name, $given),
            FieldKind::Number => self::number($field, $name, $given),
            FieldKind::Numbers => self::numbers($field, self::decoded($given)),
            FieldKind::Choice => self::choice($field, $name, $given),
            FieldKind::LengthsByName => self::byName($field, $given),
            FieldKind::Choices => self::choices($field, $name, self::decoded($given)),
            FieldKind::Text => \is_string($given) && 1 === preg_match('/^.{0,'.(int) $field->most.'}$/us', $given)
                ? $given
                : throw BadInput::of($name, $given, $field->accepted()),
            FieldKind::Wav => self::wav($field, $name, $given),
            FieldKind::Rows => self::rows($field, $name, self::decoded($given)),
            FieldKind::Table => self::table($field, $name, self::decoded($given)),
            FieldKind::Record => self::record($field, $name, self::decoded($given)),
        };
    }

    private static function choice(Field $field, string $name, mixed $given): string
    {
        // JSON says yes in a word of its own, and numbers without quotes.
        $word = match (true) {
            \is_bool($given) => $given ? 'yes' : 'no',
            \is_int($given) => (string) $given,
            default => $given,
        };

        return \is_string($word) && \in_array($word, $field->choices, true)
            ? $word
            : throw BadInput::of($name, $given, $field->accepted());
    }

    private static function number(Field $field, string $name, mixed $given): float
    {
        $number = \is_string($given) && 1 === preg_match(self::DECIMAL, $given) ? (float) $given : $given;
        if (
            (!\is_int($number) && !\is_float($number))
            || !is_finite((float) $number)
            || $number < $field->least
            || $number > $field->most
        ) {
            throw BadInput::of($name, $given, $field->accepted());
        }
        if ($field->whole && (float) (int) $number !== (float) $number) {
            throw BadInput::of($name, $given, $field->accepted());
        }

        return (float) $number;
    }

    private static function length(Field $field, string $name, mixed $given): float
    {
        if (\is_int($given) || \is_float($given)) {
            $given = (string) $given;
        }
        if (!\is_string($given)) {
            throw BadInput::of($name, $given, $field->accepted());
        }
        $range = LengthRange::of(
            $name,
            Length::ofMetres((float) $field->least),
            Length::ofMetres((float) $field->most),
        );
        try {
            return LengthParser::parse($given, $range)->metres();
        } catch (OutOfRange $e) {
            throw BadInput::of($name, $given, $e->accepted);
        } catch (UnreadableLength $e) {
            throw BadInput::because($name, $given, $e->getMessage(), $e->accepted);
        }
    }

    /**
     * @return list<float>
     */
    private static function numbers(Field $field, mixed $given): array
    {
        // One number is a list of one.
        $list = match (true) {
            \is_string($given) => explode(',', $given),
            \is_int($given), \is_float($given) => [$given],
            default => $given,
        };
        if (!\is_array($list) || !array_is_list($list) || \count($list) > self::MOST_LIST_ENTRIES) {
            throw BadInput::of($field->name, $given, $field->accepted().', at most '.self::MOST_LIST_ENTRIES);
        }
        $numbers = [];
        foreach ($list as $i => $entry) {
            $numbers[] = self::number($field, $field->name.'['.$i.']', $entry);
        }

        return $numbers;
    }

    /**
     * @return array<string, float>
     */
    private static function byName(Field $field, mixed $given): array
    {
        if (!\is_array($given)) {
            throw BadInput::of($field->name, $given, $field->accepted());
        }
        $lengths = [];
        foreach ($given as $key => $entry) {
            if (!\in_array($key, $field->choices, true)) {
                throw BadInput::of($field->name.'.'.$key, $entry, $field->accepted());
            }
            $lengths[$key] = self::number($field, $field->name.'.'.$key, $entry);
        }

        return $lengths;
    }

    /**
     * @return list<string>
     */
    private static function choices(Field $field, string $name, mixed $given): array
    {
        $list = \is_string($given) ? explode(',', $given) : $given;
        if (!\is_array($list) || !array_is_list($list)) {
            throw BadInput::of($name, $given, $field->accepted());
        }
        $chosen = [];
        foreach ($list as $i => $entry) {
            if (!\is_string($entry) || !\in_array($entry, $field->choices, true) || \in_array($entry, $chosen, true)) {
                throw BadInput::of($name.'['.$i.']', $entry, 'each once, '.$field->accepted());
            }
            $chosen[] = $entry;
        }

        return $chosen;
    }

    /**
     * Bytes that are opened already come from the command line; JSON brings text.
     *
     * @return \Traversable<mixed>
     */
    private static function wav(Field $field, string $name, mixed $given): \Traversable
    {
        if ($given instanceof \Traversable) {
            return $given;
        }
        $bytes = \is_string($given) ? base64_decode($given, true) : false;

        return false === $bytes || '' === $bytes
            ? throw BadInput::of($name, $given, $field->accepted())
            : new \ArrayIterator([$bytes]);
    }

    /**
     * @return list<Inputs>
     */
    private static function rows(Field $field, string $name, mixed $given): array
    {
        if (!\is_array($given) || !array_is_list($given) || \count($given) > self::MOST_LIST_ENTRIES) {
            throw BadInput::of($name, $given, $field->accepted().', at most '.self::MOST_LIST_ENTRIES);
        }

        return array_map(
            static fn (int $i, mixed $row): Inputs => self::record($field, $name.'['.$i.']', self::row($field, $row)),
            array_keys($given),
            $given,
        );
    }

    /** A word alone is the row's first field, where that is one of some words. */
    private static function row(Field $field, mixed $given): mixed
    {
        $first = $field->fields[0] ?? null;

        return \is_string($given) && FieldKind::Choice === $first?->kind ? [$first->name => $given] : $given;
    }

    /**
     * @return list<list<float|null>>
     */
    private static function table(Field $field, string $name, mixed $given): array
    {
        if (!\is_array($given) || !array_is_list($given) || \count($given) > self::MOST_LIST_ENTRIES) {
            throw BadInput::of($name, $given, $field->accepted().', at most '.self::MOST_LIST_ENTRIES.' rows');
        }
        $table = [];
        foreach ($given as $i => $row) {
            if (
                !\is_array($row)
                || !array_is_list($row)
                || \count($row) !== \count($table[0] ?? $row)
                || \count($row) > self::MOST_LIST_ENTRIES
            ) {
                throw BadInput::of($name.'['.$i.']', $row, $field->accepted());
            }
            $table[] = array_map(
                static fn (int $j, mixed $entry): ?float => null === $entry
                    ? null
                    : self::number($field, $name.'['.$i.']['.$j.']', $entry),
                array_keys($row),
                $row,
            );
        }

        return $table;
    }

    private static function record(Field $field, string $name, mixed $given): Inputs
    {
        if (!\is_array($given) || ([] !== $given && array_is_list($given))) {
            throw BadInput::of($name, $given, $field->accepted());
        }

        return self::read($field->fields, $given, $name.'.');
    }

    /** A command line writes lists and records as JSON text. */
    private static function decoded(mixed $given): mixed
    {
        return \is_string($given) && 1 === preg_match('/^\s*[\[{]/', $given) ? json_decode($given, true, 16) : $given;
    }
}
