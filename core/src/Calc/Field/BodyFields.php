<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Stage\Stage;

/**
 * The fields that several computations share about the athlete and the handle, and the core values made of them.
 */
final class BodyFields
{
    public static function stature(): Field
    {
        $range = Quantity::Stature->range();

        return Field::length(
            'stature',
            $range->least->metres(),
            $range->most->metres(),
            'height of the athlete',
        )->alias('height');
    }

    public static function landmarks(): Field
    {
        $names = array_map(static fn (Landmark $landmark): string => $landmark->value, Landmark::cases());

        return Field::lengthsByName(
            'landmarks',
            $names,
            0.3,
            2.3,
            'heights the coach has taped; each wins over its estimate',
        );
    }

    public static function handle(): Field
    {
        $range = Quantity::Handle->range();

        return Field::length(
            'handle_length',
            $range->least->metres(),
            $range->most->metres(),
            'length of one handle',
        )->default(Handle::USUAL_LENGTH_M);
    }

    public static function stance(): Field
    {
        return Field::choice('stance', array_column(Stance::cases(), 'value'), 'how the athlete stands on the rope');
    }

    public static function stage(): Field
    {
        return Field::choice('stage', array_column(Stage::cases(), 'value'), 'stage on the path')->default(
            Stage::Jump->value,
        );
    }

    public static function bodyOf(Inputs $inputs): Body
    {
        $body = Body::ofStature($inputs->length('stature_m'));
        foreach ($inputs->numbers('landmarks_m') as $name => $metres) {
            $body = $body->withTaped(Landmark::from((string) $name), Length::ofMetres($metres));
        }

        return $body;
    }
}
