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
 * The school an athlete's goal length comes from. It is chosen by athlete and stage, never by handles: other handles
 * make another cable, not another school.
 *
 * What the coach chose for the athlete holds. Else learners and those on the way to the double have the gym's school
 * for beginners; whoever links doubles has the chest where one starts long and trims, and the same as on the first day
 * where the goal length is worn from then on (common practice; which stage changes the school is our assumption).
 */
final readonly class SchoolInForce
{
    /** Of a gym that says nothing else: both feet, handle ends (common practice). */
    public const FOR_BEGINNERS = School::Armpit;

    /** Where a trim path ends. */
    public const FOR_LINKED_DOUBLES = School::Chest;

    private function __construct(
        public School $school,
        /** Set for this athlete by the coach. */
        public bool $byCoach,
        /** Why; to be said beside the length. */
        public Verdict $reason,
    ) {
    }

    /**
     * @param School      $forBeginners the gym's
     * @param School|null $chosen       for this athlete, by the coach
     */
    public static function of(
        Body $body,
        Stage $stage,
        TrimSchool $trim = TrimSchool::StartLong,
        School $forBeginners = self::FOR_BEGINNERS,
        ?School $chosen = null,
    ): self {
        if (null !== $chosen) {
            return new self($chosen, true, Verdict::of('school.chosen', ['school' => Term::of($chosen)]));
        }
        $linking = Phase::Linking === $stage->phase() && TrimSchool::StartLong === $trim;
        $usual = $linking ? self::FOR_LINKED_DOUBLES : $forBeginners;
        // What a gym chose on purpose holds; what is only usual has to pass.
        $onlyUsual = self::FOR_BEGINNERS === $usual || self::FOR_LINKED_DOUBLES === $usual;
        if ($onlyUsual && self::spareArc($body, $usual)->metres() < 0) {
            return new self(
                School::Height,
                false,
                Verdict::of('school.does_not_pass', ['school' => Term::of($usual)]),
            );
        }

        return new self(
            $usual,
            false,
            Verdict::of(
                match (true) {
                    $linking => 'school.linked',
                    TrimSchool::GoalLength === $trim => 'school.goal_length',
                    default => 'school.beginners',
                },
                ['school' => Term::of($usual)],
            ),
        );
    }

    /** With usual handles and in its usual stance: what tells whether a school suits a body must not hang on a handle. */
    public static function spareArc(Body $body, School $school): Length
    {
        return RopeSizing::of($body, Handle::usual(), Length::ofMetres(RopeSizing::USUAL_SPARE_M))
            ->bySchool($school)
            ->spareArc();
    }
}
