<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\AttemptFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Streak\WeibullFit;

/**
 * `weibull`: whether misses come with tiredness, from single goes.
 */
final class WeibullCalculation implements Calculation
{
    public function name(): string
    {
        return 'weibull';
    }

    public function summary(): string
    {
        return 'scale and shape of the chance of a miss, from single goes';
    }

    public function fields(): array
    {
        return [AttemptFields::attempts()->required()];
    }

    public function calculate(Inputs $inputs): array
    {
        $goes = AttemptFields::counted($inputs);
        $fit = WeibullFit::of($goes);
        $shrunk = WeibullFit::shrunk($goes);
        if (!$fit instanceof WeibullFit) {
            $reason = VerdictAnswer::of([$fit])[0];

            return [
                'scale' => null,
                'scale_reason' => $reason['sentence'],
                'shape' => null,
                'shape_reason' => $reason['sentence'],
                'refusal' => $reason,
            ];
        }

        return [
            'scale' => $fit->scale,
            'shape' => $fit->shape,
            'negative_log_likelihood' => $fit->negativeLogLikelihood,
            'standard_error_ln_scale' => $fit->errorOfLnScale,
            'standard_error_ln_shape' => $fit->errorOfLnShape,
            'shrunk_scale' => $shrunk instanceof WeibullFit ? $shrunk->scale : null,
            'shrunk_shape' => $shrunk instanceof WeibullFit ? $shrunk->shape : null,
        ];
    }
}
