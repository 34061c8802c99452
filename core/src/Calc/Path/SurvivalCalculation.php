<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\AttemptFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Streak\KaplanMeier;

/**
 * `survival`: the share of goes that survive each rep at which somebody missed.
 */
final class SurvivalCalculation implements Calculation
{
    public function name(): string
    {
        return 'survival';
    }

    public function summary(): string
    {
        return 'the share of goes that survive each rep (Kaplan–Meier)';
    }

    public function fields(): array
    {
        return [AttemptFields::attempts()->required()];
    }

    public function calculate(Inputs $inputs): array
    {
        return [
            'rows' => array_map(
                static fn (KaplanMeier $row): array => [
                    'reps' => $row->time,
                    'at_risk' => $row->atRisk,
                    'misses' => $row->misses,
                    'survival' => $row->survival,
                    'standard_error' => $row->standardError,
                    ...null === $row->standardError ? ['standard_error_reason' => 'nobody is left'] : [],
                ],
                KaplanMeier::ofGoes(AttemptFields::counted($inputs)),
            ),
        ];
    }
}
