<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Entity\People\TapedLandmarks;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Cable\WeighedPiece;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;

/**
 * What must hold between the measures of a row: a taped height belongs to a body of that stature, a weighed piece is
 * that of a cable.
 */
final class MeasureRules
{
    /**
     * @param array<string, mixed> $whole the row with what the gym has of it
     *
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, array $whole): array
    {
        return match ($row->table->name) {
            'athletes' => self::tapes($row, $whole),
            'cables' => self::piece($row, $whole),
            default => [],
        };
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function tapes(ReadRow $row, array $whole): array
    {
        $errors = [];
        $stature = self::number($whole, 'stature_m');
        foreach (['shoulder', 'armpit', 'chest', 'breastbone'] as $name) {
            $taped = self::number($whole, "taped_{$name}_m");
            if (null === $stature || null === $taped) {
                continue;
            }
            try {
                (new TapedLandmarks($taped))->on(Body::ofStature(Length::ofMetres($stature)));
            } catch (OutOfRange $e) {
                $errors[] = RowError::of(
                    $row->where,
                    "taped_{$name}_m",
                    $taped,
                    \sprintf('for somebody of %.2f m: %s', $stature, $e->accepted),
                );
            }
        }

        return $errors;
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function piece(ReadRow $row, array $whole): array
    {
        [$length, $grams] = [self::number($whole, 'piece_m'), self::number($whole, 'piece_g')];
        if (null === $length || null === $grams) {
            return [];
        }
        try {
            WeighedPiece::of(Length::ofMetres($length), $grams);
        } catch (OutOfRange $e) {
            return [
                RowError::of(
                    $row->where,
                    'piece_g',
                    $grams,
                    \sprintf('for a piece of %.2f m: %s', $length, $e->accepted),
                ),
            ];
        }

        return [];
    }

    /**
     * @param array<string, mixed> $whole
     */
    private static function number(array $whole, string $name): ?float
    {
        return \is_float($whole[$name] ?? null) ? $whole[$name] : null;
    }
}
