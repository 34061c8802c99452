<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Trail;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Trail\TrailLine;

/**
 * What a line of the trail changed, as one reads it.
 */
final class SayChanges
{
    /**
     * @param array<string, string> $names of the rows it may point at, by id
     *
     * @return list<ChangeView>
     */
    public static function of(TrailLine $line, array $names): array
    {
        $views = [];
        foreach ($line->changes() as $column => [$before, $after]) {
            $views[] = new ChangeView(
                TrailWords::COLUMNS[$column] ?? TrailWords::ofCode($column),
                ValueKind::of($column),
                self::said($before, $names),
                self::said($after, $names),
            );
        }

        return $views;
    }

    /**
     * @param array<string, string> $names
     */
    private static function said(mixed $value, array $names): ?string
    {
        return match (true) {
            null === $value, [] === $value => null,
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_array($value) => implode(', ', array_map(static fn (mixed $one): string => (string) self::said($one, $names), $value)),
            \is_string($value) && Uuid::isValid($value) => $names[$value] ?? 'one that is gone',
            \is_string($value) => TrailWords::ofCode($value),
            \is_int($value), \is_float($value) => (string) $value,
            default => null,
        };
    }
}
