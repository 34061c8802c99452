<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;

/**
 * Which school's rope to start with at a stage, and why.
 *
 * Each phase has its schools in order of preference; the first whose rope leaves a spare arc inside the phase's window
 * is taken, else the one nearest to the window. Learners need spare arc, trained athletes pay for it. Order and windows
 * are our assumption, in one table here; that a fixed share of stature misfits the very tall and the short is geometry.
 */
final readonly class RopeAdvice
{
    /** phase → [schools in order of preference, least and most spare arc in metres] */
    private const TABLE = [
        'learning' => [[School::Armpit, School::Height, School::Chest, School::Shoulder], 0.04, 0.2],
        'approaching' => [[School::Armpit, School::Height, School::Chest, School::BelowChest], 0.03, 0.17],
        'linking' => [[School::Chest, School::BelowChest, School::Height, School::Armpit], 0.0, 0.11],
    ];

    /** Less than one step of 1 cm per side is no path. */
    private const WORTH_TRIMMING_M = 0.02;

    /**
     * @param list<Verdict> $reasons
     */
    private function __construct(public SchoolRope $rope, public array $reasons)
    {
    }

    /**
     * @param non-empty-list<SchoolRope> $ropes one per school, as RopeSizing::allSchools() gives them
     */
    public static function forStage(Stage $stage, array $ropes, TrimSchool $school = TrimSchool::StartLong): self
    {
        $now = self::forPhase(TrimSchool::GoalLength === $school ? Phase::Linking : $stage->phase(), $ropes);
        $goal = self::goal($ropes);
        $off = $now->rope->cable->minus($goal->cable)->metres();
        $said = match (true) {
            TrimSchool::GoalLength === $school => Verdict::of('rope.goal_length'),
            $off >= self::WORTH_TRIMMING_M => Verdict::of('rope.start_long', [
                'goal_m' => $goal->cable->metres(),
                'off_m' => $off,
            ]),
            default => null,
        };

        return null === $said ? $now : new self($now->rope, [...$now->reasons, $said]);
    }

    /** The same for somebody who is there, with usual handles and the usual spare. */
    public static function forBody(Body $body, Stage $stage, TrimSchool $school = TrimSchool::StartLong): self
    {
        $ropes = RopeSizing::of($body, Handle::usual(), Length::ofMetres(RopeSizing::USUAL_SPARE_M))->allSchools();

        return self::forStage($stage, [] === $ropes ? throw new \LogicException('there are schools') : $ropes, $school);
    }

    /**
     * The length to end with: what somebody who links doubles would begin with.
     *
     * @param non-empty-list<SchoolRope> $ropes one per school
     */
    public static function goal(array $ropes): SchoolRope
    {
        return self::forPhase(Phase::Linking, $ropes)->rope;
    }

    /**
     * How the goal is found: the first of these schools that leaves a spare arc inside this window.
     *
     * @return array{schools: non-empty-list<School>, least: Length, most: Length}
     */
    public static function goalRule(): array
    {
        [$schools, $least, $most] = self::TABLE[Phase::Linking->value];

        return ['schools' => $schools, 'least' => Length::ofMetres($least), 'most' => Length::ofMetres($most)];
    }

    /**
     * @param non-empty-list<SchoolRope> $ropes
     */
    private static function forPhase(Phase $phase, array $ropes): self
    {
        [$preferred, $least, $most] = self::TABLE[$phase->value];
        $bySchool = [];
        foreach ($ropes as $rope) {
            $bySchool[$rope->school->value] = $rope;
        }
        $first = null;
        foreach ($preferred as $school) {
            $rope = $bySchool[$school->value] ?? null;
            if (null === $rope) {
                continue;
            }
            $first ??= $rope;
            if (self::distance($rope, $least, $most) <= 0.0) {
                return new self($rope, self::reasons($phase, $rope, $first, $ropes));
            }
        }
        $nearest = self::nearest($ropes, $least, $most);

        return new self($nearest, self::reasons($phase, $nearest, $first ?? $nearest, $ropes));
    }

    /** Outside the window by so many metres; 0 or less inside. */
    private static function distance(SchoolRope $rope, float $least, float $most): float
    {
        $spare = $rope->spareArc->metres();

        return max($least - $spare, $spare - $most);
    }

    /**
     * @param non-empty-list<SchoolRope> $ropes
     */
    private static function nearest(array $ropes, float $least, float $most): SchoolRope
    {
        usort(
            $ropes,
            static fn (SchoolRope $a, SchoolRope $b): int => self::distance($a, $least, $most) <=>
                self::distance($b, $least, $most),
        );

        return $ropes[0];
    }

    /**
     * @param non-empty-list<SchoolRope> $ropes
     *
     * @return list<Verdict>
     */
    private static function reasons(Phase $phase, SchoolRope $chosen, SchoolRope $usual, array $ropes): array
    {
        $cables = array_map(static fn (SchoolRope $rope): float => $rope->cable->metres(), $ropes);
        $reasons = [
            self::schoolVerdict($chosen),
            Verdict::of('rope.spare_arc', ['spare_arc_m' => $chosen->spareArc->metres(), 'phase' => Term::of($phase)]),
        ];
        if ($usual->school !== $chosen->school) {
            $reasons[] = Verdict::of('rope.usual_school_misfits', [
                'school' => Term::of($usual->school),
                'cable_m' => $usual->cable->metres(),
                'spare_arc_m' => $usual->spareArc->metres(),
                'too' => $usual->spareArc->compareTo($chosen->spareArc) > 0 ? 'long' : 'short',
            ]);
        }
        if (\count($ropes) > 1) {
            $reasons[] = Verdict::of('rope.spread', [
                'spread_m' => Length::ofMetres(max($cables) - min($cables))->metres(),
                'least_m' => min($cables),
                'most_m' => max($cables),
            ]);
        }

        return $reasons;
    }

    private static function schoolVerdict(SchoolRope $rope): Verdict
    {
        if (null === $rope->reach) {
            return Verdict::of('rope.rule_of_height', [
                'cable_m' => $rope->cable->metres(),
                'overall_m' => $rope->overall->metres(),
                'added_m' => RopeSizing::RULE_OF_HEIGHT_M,
            ]);
        }

        return Verdict::of($rope->reach->taped ? 'rope.by_taped_landmark' : 'rope.by_landmark', [
            'school' => Term::of($rope->school),
            'cable_m' => $rope->cable->metres(),
            'stance' => Term::of($rope->stance),
            'reading' => Term::of($rope->reading),
            'reach_m' => $rope->reach->height->metres(),
            'uncertainty_m' => $rope->uncertainty->metres(),
        ]);
    }
}
