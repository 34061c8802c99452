<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

use Symfony\Component\Uid\Uuid;

/**
 * What stood in a row's columns before and after, as JSON: `{"name":["Femi","Femi A."]}`. Lengths are metres, instants UTC.
 */
final class Changes
{
    /** Says nothing of what happened, or repeats what the line itself says. */
    private const LEFT_OUT = ['gym_id', 'id', 'version', 'removed_at', 'created_at', 'revision', 'set_id'];

    /** Whose it is stands in the line itself; that it went from one to another does not. */
    private const WHOSE = 'athlete_id';

    /** Of a secret it is told that it changed, never what it is. */
    private const SECRET = '_hash';

    /**
     * @param array<string, array{mixed, mixed}> $values before and after, by column, as the entity holds them
     *
     * @return array<string, array{mixed, mixed}> what differs, as scalars
     */
    public static function between(array $values): array
    {
        $changes = [];
        foreach ($values as $column => [$before, $after]) {
            $pair = [self::plain($column, $before), self::plain($column, $after)];
            $said = self::WHOSE === $column && \in_array(null, $pair, true);
            if (!$said && !\in_array($column, self::LEFT_OUT, true) && $pair[0] !== $pair[1]) {
                $changes[$column] = str_ends_with($column, self::SECRET) ? [null, null] : $pair;
            }
        }

        return $changes;
    }

    /**
     * @param array<string, array{mixed, mixed}> $changes
     */
    public static function written(array $changes): string
    {
        return json_encode(
            (object) $changes,
            \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        );
    }

    /**
     * @return array<string, array{mixed, mixed}> nothing when it is not what Changes writes
     */
    public static function read(string $written): array
    {
        $read = json_decode($written, true);
        $changes = [];
        foreach (\is_array($read) ? $read : [] as $column => $pair) {
            if (\is_string($column) && \is_array($pair) && [0, 1] === array_keys($pair)) {
                $changes[$column] = [$pair[0], $pair[1]];
            }
        }

        return $changes;
    }

    private static function plain(string $column, mixed $value): mixed
    {
        return match (true) {
            $value instanceof Uuid => $value->toRfc4122(),
            $value instanceof \BackedEnum => $value->value,
            $value instanceof \DateTimeInterface => $value->format(self::isDay($column) ? 'Y-m-d' : 'Y-m-d\TH:i:s\Z'),
            \is_array($value) => array_map(static fn (mixed $one): mixed => self::plain($column, $one), array_values($value)),
            '' === $value => null,
            default => $value,
        };
    }

    private static function isDay(string $column): bool
    {
        return str_ends_with($column, '_on') || str_ends_with($column, '_day');
    }
}
