<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Today;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\HealthNote;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Today\CountedNight;
use Zumbo\Core\Today\DayFacts;
use Zumbo\Core\Today\OwnRope;
use Zumbo\Core\Today\StopWord;

/**
 * The fields of `today` about the rope, the health and the load, and the core values made of them.
 */
final class TodayFields
{
    private const MOST_CONTACTS = 100_000;
    private const MOST_DAYS = 36_500;

    public static function rope(): Field
    {
        $spare = Quantity::SparePerSide;
        $stature = Quantity::Stature;

        return Field::record('rope', [
            Field::length('cable_length', 0.3, 10.0, 'cable between the handles')->required(),
            BodyFields::stance(),
            Field::length('sized_stature', $stature->leastM(), $stature->mostM(), 'height when it was sized'),
            Field::length('spare_per_side', $spare->leastM(), $spare->mostM(), 'left to let out; left out: the usual'),
            Field::choice('family', array_column(CableFamily::cases(), 'value'), 'which cable'),
            Field::choices('failed', array_column(InspectionPoint::cases(), 'value'), 'found at the last inspection'),
            Field::whole('practices', 0, 10_000, 'practices on this length'),
        ], 'the rope they have; left out: none');
    }

    public static function ropeOf(Inputs $inputs): ?OwnRope
    {
        $rope = $inputs->record('rope');

        return null === $rope
            ? null
            : OwnRope::of(
                $rope->length('cable_length_m'),
                BodyFields::stanceOf($rope),
                self::lengthOf($rope, 'spare_per_side_m'),
                self::lengthOf($rope, 'sized_stature_m'),
                $rope->has('family') ? CableFamily::from($rope->text('family')) : null,
                [] === $rope->texts('failed'),
                practices: $rope->has('practices') ? $rope->whole('practices') : null,
            );
    }

    public static function stanceOf(Inputs $inputs): ?Stance
    {
        $rope = $inputs->record('rope');

        return null === $rope ? null : BodyFields::stanceOf($rope);
    }

    public static function cautions(): Field
    {
        return Field::rows('cautions', [
            Field::choice('kind', array_column(Caution::cases(), 'value'), 'what')->required(),
            Field::choice('place', array_column(BodyPart::cases(), 'value'), 'where it hurts'),
            Field::whole('degree', 0, HealthNote::MOST_DEGREE, 'how much'),
            Field::choice('cleared_by', array_column(Clearance::cases(), 'value'), 'whose word lifted it'),
            Field::whole('days_ago', 0, self::MOST_DAYS, 'since it was noted')->default(0.0),
            Field::whole('cleared_days_ago', 0, self::MOST_DAYS, 'since it was lifted')->default(0.0),
            Field::whole('days_left', 0, self::MOST_DAYS, 'of easy weeks, still to come'),
        ], 'what was noted of their health');
    }

    public static function healthOf(Inputs $inputs): Health
    {
        return Health::of(self::notesOf($inputs));
    }

    /**
     * @return list<HealthNote>
     */
    public static function notesOf(Inputs $inputs): array
    {
        return array_map(static function (Inputs $row): HealthNote {
            $note = HealthNote::of(
                Caution::from($row->text('kind')),
                $row->has('place') ? BodyPart::from($row->text('place')) : null,
                $row->has('degree') ? $row->whole('degree') : null,
                $row->whole('days_ago'),
                $row->has('days_left') ? $row->whole('days_left') : null,
            );

            return $row->has('cleared_by')
                ? $note->clearedBy(Clearance::from($row->text('cleared_by')), $row->whole('cleared_days_ago'))
                : $note;
        }, $inputs->rows('cautions'));
    }

    /**
     * @return list<Field>
     */
    public static function load(): array
    {
        $night = [
            Field::whole('reps', 0, self::MOST_CONTACTS, 'reps that were made')->required(),
            Field::whole('misses', 0, self::MOST_CONTACTS, 'misses')->required(),
        ];

        return [
            Field::whole('contacts_today', 0, self::MOST_CONTACTS, 'contacts already done today')->default(0.0),
            Field::whole('contacts_this_week', 0, self::MOST_CONTACTS, 'the same of this week, today included'),
            Field::numbers('weeks_contacts', 0, self::MOST_CONTACTS, 'of the weeks before this one, the oldest first'),
            Field::numbers('jump_days', 0, self::MOST_DAYS, 'days ago on which they jumped; 0 is today'),
            Field::record('tonight', $night, 'tonight’s reps and misses'),
            Field::record('usual', $night, 'the same of the evenings before'),
            Field::choice('stopped', array_column(StopWord::cases(), 'value'), 'why a coach ended the jumping for today'),
        ];
    }

    public static function dayOf(Inputs $inputs): DayFacts
    {
        $whole = static fn (float $number): int => (int) round($number);

        return DayFacts::of(
            $inputs->whole('contacts_today'),
            $inputs->has('contacts_this_week') ? $inputs->whole('contacts_this_week') : null,
            array_map($whole, array_values($inputs->numbers('weeks_contacts'))),
            array_map($whole, array_values($inputs->numbers('jump_days'))),
            self::night($inputs->record('tonight')),
            self::night($inputs->record('usual')),
            $inputs->has('stopped') ? StopWord::from($inputs->text('stopped')) : null,
        );
    }

    private static function night(?Inputs $counted): ?CountedNight
    {
        return null === $counted ? null : new CountedNight($counted->whole('reps'), $counted->whole('misses'));
    }

    private static function lengthOf(Inputs $inputs, string $field): ?Length
    {
        return $inputs->has($field) ? $inputs->length($field) : null;
    }
}
