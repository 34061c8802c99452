<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\HealthNote;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Today\TodayFields;
use Zumbo\Core\Fault\CueGo;
use Zumbo\Core\Fault\CueHistory;
use Zumbo\Core\Fault\CueOutcome;
use Zumbo\Core\Fault\Exertion;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\MeasuredSigns;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\RopeCondition;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\RopeLength;
use Zumbo\Core\Fault\RopeWeight;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Method\Arms;
use Zumbo\Core\Method\Elbows;
use Zumbo\Core\Method\JumpHeight;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rope\RightLength;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\DayFacts;
use Zumbo\Core\Today\RopeState;

/**
 * The fields of `fault`, and the core values made of them.
 */
final class FaultFields
{
    private const MOST_DAYS = 36_500;

    /** Today's cable − the goal's, as `fit` says it. */
    private const OFF_BY = 'off_by_m';

    /** As an inspection is said, passed or failed, and as its rope is. */
    private const INSPECTIONS = [
        'unchecked' => RopeCondition::Unchecked,
        'fine' => RopeCondition::Fine,
        'passed' => RopeCondition::Fine,
        'worn' => RopeCondition::Worn,
        'failed' => RopeCondition::Worn,
    ];

    /**
     * @return list<Field>
     */
    public static function all(): array
    {
        $signs = array_column(Sign::cases(), 'value');

        return [
            Field::choices('signs', $signs, 'what was noticed'),
            Field::choices('seen_fine', $signs, 'what was looked at and is fine'),
            Field::choices('untold', $signs, 'of what nobody could tell'),
            BodyFields::stage(),
            ...self::ways(),
            Field::number('effort', 1, Exertion::MOST, 'how hard it was'),
            Field::yesOrNo('tired', 'whether they are; left out: nobody said'),
            ...self::health(),
            Field::choice('rope_fit', self::fits(), 'its length, as `fit` says it')->default('unchecked'),
            Field::choice('inspection', array_keys(self::INSPECTIONS), 'of the rope')->default('unchecked'),
            Field::choice('construction', array_column(CableFamily::cases(), 'value'), 'which cable; left out: not known'),
            Field::length('cable_length', 0.3, 10.0, 'cable between the handles, for the price of wide hands'),
            Field::record('measured', array_map(
                static fn (string $name): Field => Field::number($name, -10, 1000, 'from a take, frames or a jump'),
                [...MeasuredSigns::names(), self::OFF_BY],
            ), 'numbers, where there are any'),
            self::goes(),
            ...TodayFields::load(),
        ];
    }

    public static function observedOf(Inputs $inputs): Observed
    {
        $noted = Observed::of(
            self::signs($inputs, 'signs'),
            self::signs($inputs, 'seen_fine'),
            self::signs($inputs, 'untold'),
        );
        $measured = $inputs->record('measured');

        return null === $measured ? $noted : $noted->with(MeasuredSigns::of(self::numbers($measured)));
    }

    /**
     * @return array<string, float>
     */
    private static function numbers(Inputs $measured): array
    {
        $numbers = [];
        foreach (MeasuredSigns::names() as $name) {
            if ($measured->has($name)) {
                $numbers[$name] = $measured->number($name);
            }
        }

        return $numbers;
    }

    public static function ropeOf(Inputs $inputs): RopeFacts
    {
        $fit = $inputs->text('rope_fit');
        $state = 'unchecked' === $fit ? self::measuredFit($inputs) : RopeState::from($fit);
        $family = $inputs->has('construction') ? CableFamily::from($inputs->text('construction')) : null;

        return RopeFacts::of(
            RopeLength::ofState($state),
            RopeState::NotSound === $state ? RopeCondition::Worn : self::INSPECTIONS[$inputs->text('inspection')],
            RopeWeight::ofCable(CableNeeds::of(Stage::from($inputs->text('stage')), $family)->fit),
        );
    }

    public static function exertionOf(Inputs $inputs): Exertion
    {
        return Exertion::of(
            $inputs->has('tired') ? 'yes' === $inputs->text('tired') : null,
            $inputs->has('effort') ? $inputs->number('effort') : null,
        );
    }

    /** Pain, a red flag, and what was noted before. */
    public static function healthOf(Inputs $inputs): Health
    {
        return Health::of([
            ...TodayFields::notesOf($inputs),
            ...self::pain($inputs->has('pain') ? $inputs->text('pain') : 'no'),
            ...self::redFlag($inputs->has('red_flag') ? $inputs->text('red_flag') : 'no'),
        ]);
    }

    /**
     * @return list<HealthNote>
     */
    private static function pain(string $said): array
    {
        return 'no' === $said || '0' === $said ? [] : [HealthNote::of(
            Caution::Pain,
            BodyPart::tryFrom($said),
            is_numeric($said) ? (int) $said : null,
        )];
    }

    /**
     * @return list<HealthNote>
     */
    private static function redFlag(string $said): array
    {
        return 'no' === $said ? [] : [HealthNote::of('yes' === $said ? Caution::RedFlag : Caution::from($said))];
    }

    /** What a number says of the length, where nobody said a word. */
    private static function measuredFit(Inputs $inputs): RopeState
    {
        $measured = $inputs->record('measured');
        if (null === $measured || !$measured->has(self::OFF_BY)) {
            return RopeState::Unknown;
        }
        $off = Length::ofMetres($measured->number(self::OFF_BY));

        return match (true) {
            RightLength::isTooLong($off) => RopeState::TooLong,
            RightLength::isTooShort($off) => RopeState::TooShort,
            default => RopeState::Right,
        };
    }

    /**
     * @return non-empty-list<string>
     */
    private static function fits(): array
    {
        return ['unchecked', ...array_column(RopeState::cases(), 'value')];
    }

    public static function dayOf(Inputs $inputs): DayFacts
    {
        return TodayFields::dayOf($inputs);
    }

    public static function waysOf(Inputs $inputs): Ways
    {
        return Ways::of([
            'method' => $inputs->text('method'),
            'arms' => $inputs->text('arms'),
            'elbows' => $inputs->text('elbows'),
            'height' => $inputs->text('height'),
        ]);
    }

    public static function historyOf(Inputs $inputs): CueHistory
    {
        return CueHistory::of(array_map(static fn (Inputs $go): CueGo => new CueGo(
            $go->text('fault'),
            $go->text('cue'),
            CueOutcome::from($go->text('outcome')),
            $go->whole('days_ago'),
        ), $inputs->rows('goes')));
    }

    private static function goes(): Field
    {
        return Field::rows('goes', [
            Field::choice('fault', FaultTable::codes(), 'what the cue was for')->required(),
            Field::text('cue', 120, 'as it was said')->required(),
            Field::choice('outcome', array_column(CueOutcome::cases(), 'value'), 'of the go under it')->required(),
            Field::whole('days_ago', 0, self::MOST_DAYS, 'since then')->default(0.0),
        ], 'goes of this athlete under a cue, the oldest first');
    }

    /**
     * @return list<Field>
     */
    private static function ways(): array
    {
        return [
            BodyFields::method(),
            Field::choice('arms', array_column(Arms::cases(), 'value'), 'how they are taught')->default('bent'),
            Field::choice('elbows', array_column(Elbows::cases(), 'value'), 'where they are held')->default('by-the-ribs'),
            Field::choice('height', array_column(JumpHeight::cases(), 'value'), 'of a double, on purpose')
                ->default('lowest')->alias('legs'),
        ];
    }

    /**
     * @return list<Field>
     */
    private static function health(): array
    {
        $flags = array_filter(Caution::cases(), static fn (Caution $one): bool => $one->isRedFlag());

        return [
            Field::choice('pain', [
                ...array_column(BodyPart::cases(), 'value'),
                'yes',
                'no',
                ...array_map(strval(...), range(0, HealthNote::MOST_DEGREE)),
            ], 'where it hurts, how much, or whether'),
            Field::choice('red_flag', [...array_column(array_values($flags), 'value'), 'yes', 'no'], 'a warning sign'),
            TodayFields::cautions(),
        ];
    }

    /**
     * @return list<Sign>
     */
    private static function signs(Inputs $inputs, string $field): array
    {
        return array_map(Sign::from(...), $inputs->has($field) ? $inputs->texts($field) : []);
    }
}
