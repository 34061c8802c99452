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
 * The rope of the school in force, and why that one: where it comes from, what its arc leaves, where an unusual height
 * makes it a misfit, and how far the schools lie apart.
 */
final readonly class RopeAdvice
{
    /** phase → most spare arc in metres that it can use (our assumption); more is to be said, not to be sized away. */
    private const MOST_SPARE_M = ['learning' => 0.2, 'approaching' => 0.17, 'linking' => 0.11];

    /**
     * @param list<Verdict> $reasons
     */
    private function __construct(public SchoolRope $rope, public array $reasons)
    {
    }

    /**
     * @param list<SchoolRope> $ropes of all schools that are compared, the shortest first
     */
    public static function of(Body $body, SchoolInForce $inForce, SchoolRope $rope, Stage $stage, array $ropes): self
    {
        $reasons = [
            self::schoolVerdict($rope),
            $inForce->reason,
            Verdict::of('rope.spare_arc', [
                'spare_arc_m' => $rope->spareArc()->metres(),
                'phase' => Term::of($stage->phase()),
            ]),
        ];
        $most = self::MOST_SPARE_M[$stage->phase()->value];
        if (SchoolInForce::spareArc($body, $rope->school)->metres() > $most) {
            $height = RopeSizing::bare($body)->bySchool(School::Height);
            $reasons[] = Verdict::of('rope.school_misfits', [
                'school' => Term::of($rope->school),
                'most_m' => $most,
                'overall_m' => $height->overall->metres(),
            ]);
        }
        if (\count($ropes) > 1) {
            $cables = array_map(static fn (SchoolRope $one): float => $one->cable->metres(), $ropes);
            $reasons[] = Verdict::of('rope.spread', [
                'spread_m' => Length::ofMetres(max($cables) - min($cables))->metres(),
                'least_m' => min($cables),
                'most_m' => max($cables),
            ]);
        }

        return new self($rope, $reasons);
    }

    /** Where the way down ends, for whoever will be linking doubles; null: there already. */
    public static function later(SchoolRope $goal, SchoolRope $linked, Phase $phase): ?Verdict
    {
        $off = $goal->cable->minus($linked->cable)->metres();

        return Phase::Linking === $phase || $off < TrimPath::FINEST_M
            ? null
            : Verdict::of('rope.later', [
                'school' => Term::of($linked->school),
                'goal_m' => $linked->cable->metres(),
                'off_m' => $off,
            ]);
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
