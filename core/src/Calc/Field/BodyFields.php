<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\RopeWanted;

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

    public static function method(): Field
    {
        return Field::choice('method', array_column(Method::cases(), 'value'), 'how doubles are taught')
            ->default(Method::Pattern->value);
    }

    /** Everything but the method as it is usual. */
    public static function waysOf(Inputs $inputs): Ways
    {
        return Ways::of(['method' => $inputs->text('method')]);
    }

    /** Left out: not known. Nothing takes a usual one for it. */
    public static function handle(): Field
    {
        $range = Quantity::Handle->range();

        return Field::length(
            'handle_length',
            $range->least->metres(),
            $range->most->metres(),
            'length of one handle; left out: not known',
        );
    }

    public static function handleOf(Inputs $inputs): ?Handle
    {
        return $inputs->has('handle_length_m') ? Handle::ofLength($inputs->length('handle_length_m')) : null;
    }

    public static function trimSchool(): Field
    {
        return Field::choice(
            'trim_school',
            array_column(TrimSchool::cases(), 'value'),
            'start long and trim, or the goal length from day one',
        )->default(TrimSchool::StartLong->value);
    }

    /** @param string $meaning of the school that is asked for */
    public static function school(string $meaning): Field
    {
        return Field::choice('school', array_column(School::cases(), 'value'), $meaning);
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

    public static function stanceOf(Inputs $inputs): ?Stance
    {
        return $inputs->has('stance') ? Stance::from($inputs->text('stance')) : null;
    }

    /** Whose rope it is about: body, stage, handles, and the school in force. */
    public static function wantedOf(Inputs $inputs): RopeWanted
    {
        return RopeWanted::of(
            self::bodyOf($inputs),
            Stage::from($inputs->text('stage')),
            self::handleOf($inputs),
            TrimSchool::from($inputs->text('trim_school')),
            chosen: $inputs->has('school') ? School::from($inputs->text('school')) : null,
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
