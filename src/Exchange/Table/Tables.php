<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

use Zumbo\App\Entity\Evening\EveningNote;
use Zumbo\App\Entity\Health\StatedBy;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDeed;
use Zumbo\App\Entity\Path\OwnDrill;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\Tag;
use Zumbo\App\Entity\Plan\ChosenWay;
use Zumbo\App\Entity\Plan\OwnWorkout;
use Zumbo\App\Entity\Plan\PacedRun;
use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Entity\Trail\TrailLine;
use Zumbo\Core\Body\BirthYear;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;
use Zumbo\Core\Body\HealthNote;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\WeighedPiece;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\DrillWords;
use Zumbo\Core\Fault\CueOutcome;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Load\SessionRating;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Pacing\Run\RunLegs;
use Zumbo\Core\Pacing\Scale\Scaling;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Today\AttendanceMark;
use Zumbo\Core\Today\StopWord;

/**
 * All exchanged tables with their columns, in the order in which they are read: athletes before what is theirs.
 */
final class Tables
{
    /**
     * @return non-empty-array<string, Table> by name
     */
    public static function all(): array
    {
        $tables = [
            // The days of everything else are counted by its time zone.
            self::settings(),
            self::athletes(),
            self::statures(),
            self::cautions(),
            self::cables(),
            self::ropes(),
            self::rack(),
            self::givenRopes(),
            self::attempts(),
            self::efforts(),
            self::focuses(),
            self::goes(),
            self::stops(),
            self::evenings(),
            self::pins(),
            self::attendance(),
            self::notes(),
            self::gates(),
            self::drills(),
            self::workouts(),
            self::pacedRuns(),
            self::chosenWays(),
            self::trail(),
        ];

        return array_combine(array_map(static fn (Table $table): string => $table->name, $tables), $tables);
    }

    /**
     * @return list<Table> those whose rows others name
     */
    public static function named(): array
    {
        return [self::athletes(), self::cables(), self::rack(), self::focuses()];
    }

    /**
     * @param class-string<\BackedEnum> $enum
     *
     * @return list<string>
     */
    private static function cases(string $enum): array
    {
        return array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases());
    }

    private static function athletes(): Table
    {
        return new Table(
            'athletes',
            'athlete',
            [
                Column::id(),
                Column::text('name', 1, 80, 'as the coach calls them'),
                Column::length('stature_m', Quantity::Stature, 'height in metres'),
                Column::choice('dominant_hand', self::cases(DominantHand::class), 'the stronger hand'),
                Column::choice('experience', self::cases(Experience::class), 'what they came with'),
                Column::choice('stage', self::cases(Stage::class), 'where on the path they are'),
                Column::whole('birth_year', BirthYear::LEAST, BirthYear::MOST, 'never the day')->optional(),
                Column::flag('guardian_consent', 'a guardian has agreed to what is kept of a minor'),
                Column::instant('added_at', 'when they were written down first'),
                Column::choice(
                    'trim_school',
                    self::cases(TrimSchool::class),
                    'how they come to their length; nothing: as the gym does it',
                )->optional(),
                Column::length(
                    'taped_shoulder_m',
                    Quantity::Landmark,
                    'height taped, in metres; nothing: estimated',
                )->optional(),
                Column::length('taped_armpit_m', Quantity::Landmark, 'the same')->optional(),
                Column::length('taped_chest_m', Quantity::Landmark, 'the same')->optional(),
                Column::length('taped_breastbone_m', Quantity::Landmark, 'the same')->optional(),
                Column::choice(
                    'school',
                    self::cases(School::class),
                    'whose length is their goal; nothing: by stage',
                )->optional(),
                Column::length('handle_length_m', Quantity::Handle, 'of one of their handles; nothing: not known')
                    ->optional(),
                Column::text(
                    'log_tag',
                    0,
                    Tag::MOST_LETTERS,
                    'letters that name them in a typed line; nothing, or another’s: the next free ones',
                )->orElse(''),
                Column::day('guest_on', 'came along on that day; nothing: belongs here')->optional(),
                Column::text('ways', 0, 400, 'how they are taught otherwise than the gym does')->orElse(''),
                Column::day('placed_on', 'put at their stage by two minutes on that day; nothing: confirmed')->optional(),
            ],
            ['added_at' => 'created_at', 'log_tag' => 'tag'],
            retired: ['cautions', 'caution_note'],
        );
    }

    private static function statures(): Table
    {
        return new Table(
            'statures',
            'stature',
            [
                Column::id(),
                Column::athlete(),
                Column::day('read_on', 'local day of the reading'),
                Column::length('stature_m', Quantity::Stature, 'height in metres'),
            ],
            kept: false,
        );
    }

    /** What was noted of somebody's health; a file can add to it and never lifts anything (HealthRules). */
    private static function cautions(): Table
    {
        return new Table('cautions', 'noted_caution', [
            Column::id(),
            Column::athlete(),
            Column::choice('caution', self::cases(Caution::class), 'what to heed'),
            Column::choice('place', self::cases(BodyPart::class), 'where it hurts')->optional(),
            Column::whole('degree', 0, HealthNote::MOST_DEGREE, 'how much')->optional(),
            Column::text('note', 0, 500, 'for coaches only')->orElse(''),
            Column::day('until_on', 'of easy weeks: the last day')->optional(),
            Column::day('noted_on', 'local day'),
            Column::instant('noted_at', 'when'),
            Column::text('noted_by', 0, 80, 'by whom')->orElse(''),
            Column::choice('lifted_by', self::cases(Clearance::class), 'whose word lifted it; nothing: it stands')
                ->optional(),
            Column::day('lifted_on', 'local day')->optional(),
            Column::text('lifted_with', 0, 80, 'the coach who cleared it, or witnessed the statement')->orElse(''),
            Column::text('lifted_words', 0, 500, 'the coach\'s note, or the athlete\'s own words')->orElse(''),
            Column::text('professional', 0, 120, 'of a statement: who cleared them')->orElse(''),
            Column::day('professional_on', 'of a statement: on which day')->optional(),
            Column::choice('stated_by', self::cases(StatedBy::class), 'of a statement: whose it is')->optional(),
        ], kept: false);
    }

    private static function stops(): Table
    {
        return new Table('stops', 'day_stop', [
            Column::id(),
            Column::athlete(),
            Column::day('local_day', 'on which day jumping was ended'),
            Column::choice('why', self::cases(StopWord::class), 'why'),
            Column::text('stopped_by', 0, 80, 'by whom')->orElse(''),
        ]);
    }

    private static function ropes(): Table
    {
        return new Table(
            'ropes',
            'rope',
            [
                Column::id(),
                Column::athlete(),
                Column::length('cable_length_m', Quantity::Cable, 'between the handles, in metres'),
                Column::length('handle_length_m', Quantity::Handle, 'of one handle, in metres'),
                Column::choice('family', self::cases(CableFamily::class), 'family of the cable'),
                Column::choice('school', self::cases(School::class), 'school it was sized by'),
                Column::choice('stance', self::cases(Stance::class), 'stance it was sized in'),
                Column::length('computed_cable_m', Quantity::Cable, 'what was computed, in metres'),
                Column::text('override_reason', 0, 200, 'why another length was kept'),
                Column::instant('kept_at', 'since when it is used'),
                Column::reference(
                    'cable_id',
                    'cables',
                    'one of the gym\'s own cables; nothing: one of the family',
                )->optional(),
                Column::day('tails_cut_on', 'since then it can\'t be let out')->optional(),
                ...self::inspection(),
            ],
            ['kept_at' => 'created_at'],
        );
    }

    private static function rack(): Table
    {
        return new Table(
            'rack',
            'rack_rope',
            [
                Column::id(),
                Column::text('tag', 1, 8, 'as written on the handle'),
                Column::length('cable_length_m', Quantity::Cable, 'between the handles, in metres'),
                Column::length('handle_length_m', Quantity::Handle, 'of one handle, in metres'),
                Column::choice('family', self::cases(CableFamily::class), 'family of the cable'),
                Column::flag('kept_back', 'not given out, except by a pin')->orElse(false),
                ...self::inspection(),
            ],
            unique: [['tag']],
        );
    }

    private static function givenRopes(): Table
    {
        return new Table(
            'given_ropes',
            'given_rope',
            [
                Column::id(),
                Column::athlete(),
                Column::reference('rack_rope_id', 'rack', 'the shared rope they had'),
                Column::day('local_day', 'on which day'),
            ],
            unique: [['athlete_id', 'local_day'], ['rack_rope_id', 'local_day']],
            kept: false,
        );
    }

    private static function cables(): Table
    {
        return new Table('cables', 'cable', [
            Column::id(),
            Column::text('name', 1, 60, 'as the coach calls it'),
            Column::number(
                'diameter_m',
                WeighedPiece::LEAST_DIAMETER_MM / 1000,
                WeighedPiece::MOST_DIAMETER_MM / 1000,
                'outside, in metres',
            ),
            Column::length('piece_m', Quantity::WeighedPiece, 'length of the weighed piece, in metres'),
            Column::number('piece_g', WeighedPiece::LEAST_GRAMS, WeighedPiece::MOST_GRAMS, 'what it weighs, in grams'),
        ]);
    }

    /**
     * @return list<Column>
     */
    private static function inspection(): array
    {
        return [
            Column::day('inspected_on', 'when somebody last looked it over')->optional(),
            Column::choices(
                'failed',
                self::cases(InspectionPoint::class),
                'what was found then; with anything here it is given to nobody',
            )->orElse([]),
        ];
    }

    private static function attempts(): Table
    {
        return new Table(
            'attempts',
            'attempt',
            [
                Column::id(),
                Column::athlete(),
                Column::choice('drill', WorkCode::all(), 'drill, ladder or intervals'),
                Column::choice('stage', self::cases(Stage::class), 'the stage the athlete had then'),
                Column::choice('kind', self::cases(AttemptKind::class), 'one go, tries, a hold, or the sum of a set'),
                Column::whole('reps', 0, CountedReps::MOST_IN_ENTRY, 'reps, clean tries, or seconds held'),
                Column::whole(
                    'misses',
                    0,
                    CountedReps::MOST_IN_ENTRY,
                    'misses, or tries that were not clean; 0 for one go',
                ),
                Column::choice(
                    'ended',
                    self::cases(AttemptEnd::class),
                    'how one go ended; nothing for the other kinds',
                )->optional(),
                Column::flag('clean', 'by quality'),
                Column::instant('logged_at', 'when it was logged'),
                Column::text('logged_by', 0, 80, 'the coach who wrote it; nothing: not known')->orElse(''),
                Column::flag('confirmed', 'a coach has said that it is right as it stands')->orElse(false),
                Column::flag('self_reported', 'the athlete counted it, on their own card')->orElse(false),
                Column::number('cadence_per_min', HeardBeat::LEAST, HeardBeat::MOST, 'jumps a minute of the take it is from')->optional(),
                Column::number('variation', 0, HeardBeat::MOST_VARIATION, 'how uneven that take was, as a share of the interval')
                    ->optional(),
            ],
            inPractice: true,
        );
    }

    private static function efforts(): Table
    {
        return new Table('session_efforts', 'session_effort', [
            Column::id(),
            Column::athlete(),
            Column::day('done_on', 'local day of the session'),
            Column::whole('effort', 0, SessionRating::HARDEST, 'how hard it felt, of 10'),
            Column::whole('minutes', 1, SessionRating::LONGEST_MIN, 'how long it took'),
            Column::text('said_by', 0, 80, 'who wrote it')->orElse(''),
            Column::flag('self_reported', 'the athlete said it, on their own card')->orElse(false),
        ]);
    }

    private static function focuses(): Table
    {
        return new Table('focuses', 'focus', [
            Column::id(),
            Column::athlete(),
            Column::choice('fault', FaultTable::codes(), 'the fault that is worked on'),
            Column::choices('signs', self::cases(Sign::class), 'what was noticed'),
            Column::instant('given_at', 'since when'),
            Column::text('cue', 0, Focus::MOST_LETTERS, 'what is said; nothing: the first cue')->orElse(''),
        ]);
    }

    private static function goes(): Table
    {
        return new Table('goes', 'focus_go', [
            Column::id(),
            Column::athlete(),
            Column::reference('focus_id', 'focuses', 'the focus that was worked on'),
            Column::choice('fault', FaultTable::codes(), 'the fault the cue was for'),
            Column::text('cue', 1, Focus::MOST_LETTERS, 'as it was said'),
            Column::choice('outcome', self::cases(CueOutcome::class), 'of the go under it'),
            Column::instant('gone_at', 'when'),
        ]);
    }

    private static function evenings(): Table
    {
        return new Table('evenings', 'class_hour', [
            Column::id(),
            Column::text('name', 1, 80, 'what the class is called'),
            Column::day('local_day', 'on which day'),
            Column::instant('starts_at', 'when it begins'),
        ], kept: false);
    }

    private static function pins(): Table
    {
        return new Table('pins', 'rope_pin', [
            Column::id(),
            Column::athlete(),
            Column::reference('rack_rope_id', 'rack', 'the shared rope that goes to them'),
        ], unique: [['athlete_id'], ['rack_rope_id']]);
    }

    private static function attendance(): Table
    {
        return new Table('attendance', 'attendance', [
            Column::id(),
            Column::athlete(),
            Column::day('local_day', 'on which day'),
            Column::choice('mark', self::cases(AttendanceMark::class), 'what was said of them last'),
            Column::instant('marked_at', 'when'),
            Column::text('marked_by', 0, 80, 'by whom')->orElse(''),
        ], unique: [['athlete_id', 'local_day']], kept: false);
    }

    private static function notes(): Table
    {
        return new Table('evening_notes', 'evening_note', [
            Column::id(),
            Column::day('local_day', 'of which evening'),
            Column::text('text', 1, EveningNote::MOST_LETTERS, 'for coaches only'),
            Column::text('written_by', 0, 80, 'by whom')->orElse(''),
            Column::instant('written_at', 'when'),
        ]);
    }

    private static function gates(): Table
    {
        return new Table('gates', 'gate_decision', [
            Column::id(),
            Column::reference('athlete_id', 'athletes', 'of whom it is asked; nothing: of everybody')->optional(),
            Column::choice('stage', self::cases(Stage::class), 'the stage whose gate it is'),
            Column::choice('deed', self::cases(GateDeed::class), 'asks something else, does not ask it, asks the usual again'),
            Column::choice('choice', self::cases(GateChoice::class), 'what schools ask'),
            Column::whole('asked', 1, GateSetting::MOST_COUNT, 'the count; nothing: as the choice says')->optional(),
            Column::flag('with_feet', 'the feet are tested as well'),
            Column::text('reason', 1, GateDecision::MOST_LETTERS, 'why'),
            Column::text('decided_by', 0, 80, 'by whom')->orElse(''),
            Column::instant('decided_at', 'when'),
        ]);
    }

    private static function drills(): Table
    {
        return new Table('drills', 'own_drill', [
            Column::id(),
            Column::choice('replaces', DrillTable::codes(), 'the one of the library whose copy it is; nothing: their own')->optional(),
            Column::flag('hidden', 'the gym does without the one of the library'),
            Column::text('title', 1, OwnDrill::MOST_TITLE, 'as a coach says it'),
            Column::choice('stage', self::cases(Stage::class), 'where on the path it has its place'),
            Column::text('notation', 1, OwnDrill::MOST_NOTATION, 'what is jumped, in the pattern notation'),
            Column::whole('cadence', DrillWords::LEAST_CADENCE, DrillWords::MOST_CADENCE, 'jumps a minute'),
            Column::choice('count_kind', self::cases(CountKind::class), 'what is counted'),
            Column::whole('aim', 1, DrillWords::MOST_AIM, 'reps, tries or seconds'),
            Column::whole('sets', 1, DrillWords::MOST_SETS, 'how often'),
            Column::text('cue', 0, OwnDrill::MOST_CUE, 'the one thing to say')->orElse(''),
            Column::text('why', 0, OwnDrill::MOST_WHY, 'what it is for')->orElse(''),
            Column::text('how', 0, OwnDrill::MOST_HOW, 'how it is done')->orElse(''),
        ]);
    }

    private static function workouts(): Table
    {
        return new Table('workouts', 'own_workout', [
            Column::id(),
            Column::text('name', 1, OwnWorkout::MOST_NAME, 'as a coach says it'),
            Column::text('workout', 1, OwnWorkout::MOST_TEXT, 'what is done, as text'),
        ]);
    }

    private static function pacedRuns(): Table
    {
        return new Table('paced_runs', 'paced_run', [
            Column::id(),
            Column::athlete(),
            Column::instant('started_at', 'when its clock started'),
            Column::text('run_by', 0, 80, 'by whom; nothing: nobody knows')->orElse(''),
            Column::text('workout', 1, OwnWorkout::MOST_TEXT, 'what was done, as text'),
            Column::number('expected_s', 0, 36_000, 'seconds expected before the start'),
            Column::number('low_s', 0, 36_000, 'one in ten is quicker, as said before the start'),
            Column::number('high_s', 0, 36_000, 'one in ten is slower, as said before the start'),
            Column::number('wider', 1, 10, 'by how much that band had been widened'),
            Column::flag('finished', 'done to its end'),
            Column::text('legs', 1, PacedRun::MOST_LEGS, 'leg by leg, as JSON: '.RunLegs::PLACES),
        ]);
    }

    private static function chosenWays(): Table
    {
        return new Table('chosen_ways', 'chosen_way', [
            Column::id(),
            Column::athlete(),
            Column::text('workout', 1, OwnWorkout::MOST_TEXT, 'as it stands on the whiteboard'),
            Column::choice('scaling', array_column(Scaling::cases(), 'value'), 'the way it is done'),
            Column::text('doing', 1, OwnWorkout::MOST_TEXT, 'as the athlete does it'),
            Column::text('reason', 0, ChosenWay::MOST_REASON, 'why')->orElse(''),
            Column::text('chosen_by', 0, 80, 'by whom')->orElse(''),
            Column::instant('chosen_at', 'when'),
        ]);
    }

    /** Who changed what. That a file was brought in is told where it was, and so is who may sign in. */
    private static function trail(): Table
    {
        return new Table('trail', 'trail', [
            Column::id(),
            Column::instant('done_at', 'when'),
            Column::text('done_by', 0, 80, 'by whom; nothing: nobody was signed in')->orElse(''),
            Column::reference('athlete_id', 'athletes', 'whose row it was; nothing: nobody’s')->optional(),
            Column::text('kind', 1, 16, 'the table in the database; nothing of those of who may sign in'),
            Column::uuid('row_id', 'its row there'),
            Column::text('row_name', 0, 180, 'what it was called')->orElse(''),
            Column::choice(
                'deed',
                array_values(array_diff(self::cases(TrailDeed::class), [TrailDeed::BroughtIn->value])),
                'what was done to it',
            ),
            Column::text('changes', 2, 20_000, 'JSON: by column, what stood there before and what after'),
        ], kept: false, forOwners: true, only: TrailLine::travels());
    }

    /** What the gym has chosen for itself; its name stays its own. */
    private static function settings(): Table
    {
        return new Table('settings', 'gym', [
            Column::id(),
            Column::text('time_zone', 1, 64, 'of its city, like Europe/London'),
            Column::choice('unit', self::cases(LengthUnit::class), 'in which lengths are shown'),
            Column::choice('trim_school', self::cases(TrimSchool::class), 'how athletes come to their length'),
            Column::choice('beginners_school', self::cases(School::class), 'what beginners and guests are sized by'),
            Column::length('handle_length_m', Quantity::Handle, 'of its ropes; nothing: not known')->optional(),
            Column::length('ceiling_m', Quantity::Ceiling, 'of its hall; nothing: not known')->optional(),
            Column::length('hall_width_m', Quantity::HallSide, 'of its hall along the front; nothing: not known')->optional(),
            Column::length('hall_depth_m', Quantity::HallSide, 'of its hall, away from the front')->optional(),
            Column::length('mat_width_m', Quantity::HallSide, 'of the mat in the middle; nothing: there is none')->optional(),
            Column::length('mat_depth_m', Quantity::HallSide, 'of the mat, away from the front')->optional(),
            Column::choice('stance', self::cases(Stance::class), 'in which ropes are measured; nothing: as each school names it')
                ->optional(),
            Column::choice('reading', ['handle-end', 'cable-end'], 'by which ends; nothing: as each school means it')->optional(),
            Column::text('class_times', 0, 4000, 'the classes of its week, a line each')->orElse(''),
            Column::text('ways', 0, 400, 'how it teaches, like method=even-jump arms=long; nothing: as is usual')->orElse(''),
        ], kept: false, oneRow: true);
    }
}
