<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Calc\Answer\RopeAnswer;
use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Reach;
use Zumbo\Core\Today\BroughtRope;
use Zumbo\Core\Today\RopeEffects;

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
            BodyFields::stance(),
            BodyFields::stage(),
            BodyFields::trimSchool(),
            BodyFields::school('the school in force; left out: by stage'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $wanted = BodyFields::wantedOf($inputs);
        $stance = BodyFields::stanceOf($inputs);
        $rope = match (true) {
            $inputs->has('cable_length_m') && $inputs->has('reaches') => throw BadInput::of(
                'reaches',
                $inputs->text('reaches'),
                'either this or cable_length_m, not both',
            ),
            $inputs->has('cable_length_m') => BroughtRope::ofCable($wanted, $inputs->length('cable_length_m'), $stance),
            $inputs->has('reaches') => BroughtRope::ofReach(
                $wanted,
                self::reach($wanted->body, $inputs->text('reaches')),
                $stance,
            ),
            default => throw BadInput::missing('cable_length', 'a length like 240 cm, or reaches=LANDMARK instead'),
        };

        return [
            'verdict' => $rope->needs->state->value,
            ...RopeAnswer::of($rope->needs, $wanted, $stance),
            'cable_length_m' => $rope->cable?->metres(),
            ...null === $rope->cable ? ['cable_length_reason' => 'needs the handles and the stance'] : [],
            'reaches' => $rope->reach?->nearest->value,
            'reach_m' => $rope->reach?->height->metres(),
            ...null === $rope->reach ? ['reach_reason' => 'needs the handles and the stance'] : [],
            'effects' => VerdictAnswer::of(RopeEffects::of($rope->needs->state)),
        ];
    }

    private static function reach(Body $body, string $landmark): Length
    {
        return self::ABOVE === $landmark
            ? Reach::aboveShoulder($body)
            : $body->heightOf(Landmark::from($landmark))->height;
    }
}
