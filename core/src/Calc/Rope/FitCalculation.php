<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\FitCheck;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Stage\Stage;

/**
 * `fit`: whether an existing rope suits an athlete, from its length or from where its handle ends reach.
 */
final class FitCalculation implements Calculation
{
    private const ABOVE = 'above';

    public function name(): string
    {
        return 'fit';
    }

    public function summary(): string
    {
        return 'whether an existing rope fits, and by how much it is off';
    }

    public function fields(): array
    {
        return [
            BodyFields::stature()->required(),
            BodyFields::landmarks(),
            Field::length('cable_length', 0.3, 10.0, 'cable between the handles'),
            Field::choice(
                'reaches',
                [...array_column(Landmark::cases(), 'value'), self::ABOVE],
                'where the handle ends reach',
            ),
            BodyFields::handle(),
            BodyFields::stance()->default(Stance::TwoFeet->value),
            BodyFields::stage(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $body = BodyFields::bodyOf($inputs);
        $stage = Stage::from($inputs->text('stage'));
        $check = match (true) {
            $inputs->has('cable_length_m') && $inputs->has('reaches') => throw BadInput::of(
                'reaches',
                $inputs->text('reaches'),
                'either this or cable_length_m, not both',
            ),
            $inputs->has('cable_length_m') => FitCheck::ofCable(
                $body,
                Handle::ofLength($inputs->length('handle_length_m')),
                Stance::from($inputs->text('stance')),
                $inputs->length('cable_length_m'),
                $stage,
            ),
            $inputs->has('reaches') => FitCheck::ofReach($body, self::reach($body, $inputs->text('reaches')), $stage),
            default => throw BadInput::missing('cable_length', 'a length like 240 cm, or reaches=LANDMARK instead'),
        };

        return [
            'verdict' => $check->fit->value,
            'off_by_m' => $check->offBy->metres(),
            'reaches' => $check->reaches->value,
            'reach_m' => $check->reach->metres(),
            'effects' => VerdictAnswer::of($check->effects),
        ];
    }

    private static function reach(Body $body, string $landmark): Length
    {
        return self::ABOVE === $landmark
            ? $body->stature->times(FitCheck::ABOVE_SHOULDER_SHARE)
            : $body->heightOf(Landmark::from($landmark))->height;
    }
}
