<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Answer;

use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * Verdicts as they leave a computation: code, values, and the sentence in centimetres.
 *
 * @phpstan-import-type Value from Verdict
 */
final class VerdictAnswer
{
    /**
     * @param list<Verdict> $verdicts
     *
     * @return list<array{code: string, values: array<string, float|int|string|bool>, sentence: string}>
     */
    public static function of(array $verdicts): array
    {
        $catalogue = MessageCatalogue::in(LengthUnit::Centimetre);

        return array_map(
            static fn (Verdict $verdict): array => [
                'code' => $verdict->code,
                'values' => array_map(self::plain(...), $verdict->values),
                'sentence' => $catalogue->sentence($verdict),
            ],
            $verdicts,
        );
    }

    /**
     * @param Value $value
     */
    private static function plain(float|int|string|bool|Term|array $value): float|int|string|bool
    {
        return match (true) {
            $value instanceof Term => $value->code,
            \is_array($value) => implode(' ', array_map(static fn (Term $term): string => $term->code, $value)),
            default => $value,
        };
    }
}
