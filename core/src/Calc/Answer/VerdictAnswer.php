<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Answer;

use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * Verdicts as they leave a computation: code, values, and the sentence in centimetres.
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
                'values' => $verdict->values,
                'sentence' => $catalogue->sentence($verdict),
            ],
            $verdicts,
        );
    }
}
