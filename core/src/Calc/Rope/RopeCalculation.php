<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\LandmarkHeight;
use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolInForce;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Rope\UnhandledRope;
use Zumbo\Core\Stage\Stage;

/**
 * `rope`: the cable each school gives, which one is recommended, and how far they lie apart.
 */
final class RopeCalculation implements Calculation
{
    private const OPEN = 'the handles are not known: ask for them';

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
            BodyFields::trimSchool(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $body = BodyFields::bodyOf($inputs);
        $handle = BodyFields::handleOf($inputs);
        $stance = BodyFields::stanceOf($inputs);
        $stage = Stage::from($inputs->text('stage'));
        $reading = $inputs->has('reading') ? Reading::from($inputs->text('reading')) : null;
        $schools = 'all' === $inputs->text('school') ? School::cases() : [School::from($inputs->text('school'))];
        $inForce = SchoolInForce::of(
            $body,
            $stage,
            TrimSchool::from($inputs->text('trim_school')),
            chosen: 1 === \count($schools) ? $schools[0] : null,
        );
        if (null === $handle) {
            return self::unhandled($body, $schools, $stance, $reading, $inForce);
        }
        $sizing = RopeSizing::of($body, $handle, $inputs->length('spare_per_side_m'));
        $ropes = array_map(
            static fn (School $school): SchoolRope => $sizing->bySchool($school, $stance, $reading),
            $schools,
        );
        usort($ropes, static fn (SchoolRope $a, SchoolRope $b): int => $a->cable->compareTo($b->cable));
        $advice = RopeAdvice::of(
            $body,
            $inForce,
            $sizing->bySchool($inForce->school, $stance, $reading),
            $stage,
            $ropes,
        );

        return [
            'schools' => array_map(self::row(...), $ropes),
            'recommended' => $advice->rope->school->value,
            'goal_cable_length_m' => $advice->rope->cable->metres(),
            'spread_m' => end($ropes)->cable->metres() - $ropes[0]->cable->metres(),
            'reasons' => VerdictAnswer::of($advice->reasons),
        ];
    }

    /**
     * @param non-empty-list<School> $schools
     *
     * @return array<string, mixed> what stands whatever the handles
     */
    private static function unhandled(
        Body $body,
        array $schools,
        ?Stance $stance,
        ?Reading $reading,
        SchoolInForce $inForce,
    ): array {
        $ropes = array_map(
            static fn (School $school): UnhandledRope => UnhandledRope::of($body, $school, $stance, $reading),
            $schools,
        );
        usort($ropes, static fn (UnhandledRope $a, UnhandledRope $b): int => $a->standing()->compareTo($b->standing()));
        $overall = array_map(
            static fn (Length $one): float => $one->metres(),
            array_filter(array_map(static fn (UnhandledRope $rope): ?Length => $rope->overall, $ropes)),
        );

        return [
            'schools' => array_map(self::openRow(...), $ropes),
            'recommended' => $inForce->school->value,
            'goal_cable_length_m' => null,
            'goal_cable_length_reason' => self::OPEN,
            'spread_m' => [] === $overall ? 0.0 : max($overall) - min($overall),
            'reasons' => VerdictAnswer::of([
                UnhandledRope::of($body, $inForce->school, $stance, $reading)->verdict(),
                $inForce->reason,
            ]),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function openRow(UnhandledRope $rope): array
    {
        return [
            'school' => $rope->school->value,
            'reading' => $rope->reading->value,
            'stance' => $rope->stance->value,
            'cable_length_m' => $rope->cable?->metres(),
            ...null === $rope->cable ? ['cable_length_reason' => self::OPEN] : [],
            'overall_length_m' => $rope->overall?->metres(),
            ...null === $rope->overall ? ['overall_length_reason' => self::OPEN] : [],
            'cut_length_m' => null,
            'cut_length_reason' => self::OPEN,
            'uncertainty_m' => $rope->uncertainty->metres(),
            'reach_m' => $rope->reach?->height->metres(),
            'reach_reason' => self::reachReason($rope->reach),
        ];
    }

    private static function reachReason(?LandmarkHeight $reach): string
    {
        return match (true) {
            null === $reach => 'the rule of height looks at no landmark',
            $reach->taped => 'taped',
            default => 'estimated from stature',
        };
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
            'reach_reason' => self::reachReason($rope->reach),
            'spare_arc_m' => $rope->spareArc()->metres(),
        ];
    }
}
