<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Stage\Stage;

/**
 * `rope`: the cable each school gives, which one is recommended, and how far they lie apart.
 */
final class RopeCalculation implements Calculation
{
    public function name(): string
    {
        return 'rope';
    }

    public function summary(): string
    {
        return 'the rope each school gives an athlete, and the one to start with';
    }

    public function fields(): array
    {
        return [
            BodyFields::stature()->required(),
            BodyFields::landmarks(),
            BodyFields::handle(),
            Field::choice('school', ['all', ...array_column(School::cases(), 'value')], 'one school, or all')->default(
                'all',
            ),
            BodyFields::stance(),
            Field::choice(
                'reading',
                [Reading::HandleEnd->value, Reading::CableEnd->value],
                'what is held at the landmark; left out: what the school means',
            ),
            Field::length(
                'spare_per_side',
                Quantity::SparePerSide->range()->least->metres(),
                Quantity::SparePerSide->range()->most->metres(),
                'left on each side until the length is settled',
            )->default(RopeSizing::USUAL_SPARE_M),
            BodyFields::stage(),
            Field::choice(
                'trim_school',
                array_column(TrimSchool::cases(), 'value'),
                'start long and trim, or the goal length from day one',
            )->default(TrimSchool::StartLong->value),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $sizing = RopeSizing::of(
            BodyFields::bodyOf($inputs),
            Handle::ofLength($inputs->length('handle_length_m')),
            $inputs->length('spare_per_side_m'),
        );
        $stance = $inputs->has('stance') ? Stance::from($inputs->text('stance')) : null;
        $reading = $inputs->has('reading') ? Reading::from($inputs->text('reading')) : null;
        $schools = 'all' === $inputs->text('school') ? School::cases() : [School::from($inputs->text('school'))];
        $ropes = array_map(
            static fn (School $school): SchoolRope => $sizing->bySchool($school, $stance, $reading),
            $schools,
        );
        usort($ropes, static fn (SchoolRope $a, SchoolRope $b): int => $a->cable->compareTo($b->cable));
        $advice = RopeAdvice::forStage(
            Stage::from($inputs->text('stage')),
            $ropes,
            TrimSchool::from($inputs->text('trim_school')),
        );

        return [
            'schools' => array_map(self::row(...), $ropes),
            'recommended' => $advice->rope->school->value,
            'goal_cable_length_m' => RopeAdvice::goal($ropes)->cable->metres(),
            'spread_m' => end($ropes)->cable->metres() - $ropes[0]->cable->metres(),
            'reasons' => VerdictAnswer::of($advice->reasons),
        ];
    }

    /**
     * @return array<string, float|string|bool|null>
     */
    private static function row(SchoolRope $rope): array
    {
        return [
            'school' => $rope->school->value,
            'reading' => $rope->reading->value,
            'stance' => $rope->stance->value,
            'cable_length_m' => $rope->cable->metres(),
            'overall_length_m' => $rope->overall->metres(),
            'cut_length_m' => $rope->cut->metres(),
            'uncertainty_m' => $rope->uncertainty->metres(),
            'reach_m' => $rope->reach?->height->metres(),
            'reach_reason' => null === $rope->reach
                    ? 'the rule of height looks at no landmark'
                    : ($rope->reach->taped
                        ? 'taped'
                        : 'estimated from stature'),
            'spare_arc_m' => $rope->spareArc->metres(),
        ];
    }
}
