<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Trail;

/**
 * How a value of the trail is to be shown.
 */
enum ValueKind: string
{
    case Text = 'text';
    /** A decimal number of metres. */
    case Length = 'length';
    /** A decimal number of metres, told in millimetres: of a cable. */
    case Thickness = 'thickness';
    /** Like 2026-11-24. */
    case Day = 'day';
    /** Like 2026-11-24T18:42:00Z. */
    case Instant = 'instant';
    /** Never told, only that it changed. */
    case Secret = 'secret';

    public static function of(string $column): self
    {
        return match (true) {
            str_ends_with($column, '_hash') => self::Secret,
            'diameter_m' === $column => self::Thickness,
            str_ends_with($column, '_m') => self::Length,
            str_ends_with($column, '_on'), str_ends_with($column, '_day') => self::Day,
            str_ends_with($column, '_at') => self::Instant,
            default => self::Text,
        };
    }
}
