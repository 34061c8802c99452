<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Plan;

use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Growing;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Today\TodayFields;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Plan\Practice\FaultAtWork;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Today\RopeWanted;
use Zumbo\Core\Today\Today;

/**
 * The fields of `session`, and the core values made of them.
 */
final class SessionFields
{
    private const MOST_THINGS = 200;

    /** Allowance does not hang on it; the judgement about the rope is not asked for. */
    private const SOME_STATURE_M = 1.7;

    /**
     * @return list<Field>
     */
    public static function all(): array
    {
        return [
            Field::whole('minutes', PracticeWish::LEAST_MINUTES, PracticeWish::MOST_MINUTES, 'time there is')->required(),
            Field::rows('people', self::person(), 'who is here')->required(),
            Field::record('equipment', array_map(
                static fn (Equipment $thing): Field => Field::whole($thing->value, 0, self::MOST_THINGS, 'how many there are'),
                Equipment::cases(),
            ), 'what there is beside ropes, lines and walls'),
            Field::whole('seed', 0, 2_147_483_647, 'another seed is another plan')->default(1.0),
            Field::yesOrNo('hard_floor', 'a floor that does not give')->default('no'),
            Field::yesOrNo('alone', 'not in a class')->default('no'),
        ];
    }

    public static function wishOf(Inputs $inputs): PracticeWish
    {
        $equipment = [];
        $given = $inputs->record('equipment');
        foreach (Equipment::cases() as $thing) {
            if (true === $given?->has($thing->value)) {
                $equipment[$thing->value] = $given->whole($thing->value);
            }
        }

        return PracticeWish::of(
            $inputs->whole('minutes'),
            'no' === $inputs->text('alone'),
            $equipment,
            'yes' === $inputs->text('hard_floor'),
            $inputs->whole('seed'),
        );
    }

    public static function participantOf(Inputs $row, int $number): Participant
    {
        $ways = BodyFields::waysOf($row);
        $fault = $row->has('fault') ? $row->text('fault') : null;

        return new Participant(
            self::key($number),
            Stage::from($row->text('stage')),
            $ways,
            self::allowanceOf($row, $ways),
            $row->whole('practices'),
            null === $fault ? null : new FaultAtWork($fault, FaultTable::named($fault)->drillBy($ways)->code),
            $row->texts('last'),
            self::paceOf($row),
            'yes' === $row->text('rope'),
            'yes' === $row->text('lighter'),
        );
    }

    /** A number alone would be an index to PHP. */
    public static function key(int $number): string
    {
        return 'person '.$number;
    }

    /**
     * @return list<Field>
     */
    private static function person(): array
    {
        return [
            BodyFields::stage(),
            BodyFields::method(),
            Field::whole('age', 0, 120, 'age in years; left out: grown up'),
            TodayFields::cautions(),
            ...TodayFields::load(),
            Field::whole('practices', 0, 10_000, 'practices of this stage before: which drill is in turn')->default(0.0),
            Field::choice('fault', FaultTable::codes(), 'the one they work on'),
            Field::choices('last', WorkCode::all(), 'what they did last time'),
            HazardFields::hazard('hazard_singles', 'chance of a miss of a single; left out: not known'),
            HazardFields::hazard('hazard_doubles', 'chance of a miss of a double; left out: not known'),
            Field::yesOrNo('rope', 'whether there is a rope for them')->default('yes'),
            Field::yesOrNo('lighter', 'after a day that was stopped')->default('no'),
        ];
    }

    private static function allowanceOf(Inputs $row, Ways $ways): Allowance
    {
        $wanted = RopeWanted::of(
            Body::ofStature(Length::ofMetres(self::SOME_STATURE_M)),
            Stage::from($row->text('stage')),
            null,
            TrimSchool::StartLong,
        );
        $age = $row->has('age') ? $row->whole('age') : null;

        return Today::of(
            $wanted,
            null,
            Growing::of($age, false),
            TodayFields::healthOf($row),
            $age,
            TodayFields::dayOf($row),
            $ways,
        )->allowance;
    }

    private static function paceOf(Inputs $row): ?LadderPace
    {
        if (!$row->has('hazard_singles') && !$row->has('hazard_doubles')) {
            return null;
        }

        return LadderPace::usual(
            $row->has('hazard_singles') ? HazardFields::of($row, 'hazard_singles') : Hazard::usualSingles(),
            $row->has('hazard_doubles') ? HazardFields::of($row, 'hazard_doubles') : Hazard::untaughtDoubles(),
        );
    }
}
