<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * Faults ranked by the signs that were noticed: naive Bayes over one table, with a prior by stage. One cue only.
 */
final readonly class Diagnosis
{
    /** How much likelier a fault is at a stage where it is usual (our assumption). */
    private const USUAL = 2.0;

    /** How unlikely a sign is under a fault that does not explain it: what is not explained speaks against. */
    private const UNEXPLAINED = 0.5;

    /**
     * @param non-empty-list<RankedFault> $ranked the likeliest first
     */
    private function __construct(
        public array $ranked,
        /** Look at the rope before the athlete. */
        public bool $ropeFirst,
        public Verdict $advice,
    ) {
    }

    /**
     * @param non-empty-list<Sign> $signs
     * @param bool                 $ropeChecked since its last change, and the athlete has not grown
     */
    public static function of(array $signs, Stage $stage, bool $ropeChecked, Ways $ways): self
    {
        $scores = [];
        $faults = [];
        $counted = array_values(array_filter($signs, static fn (Sign $sign): bool => FaultsBySchool::isSign($sign, $ways)));
        foreach (FaultsBySchool::faults($ways) as $fault) {
            $faults[$fault->code] = $fault;
            $scores[$fault->code] = self::score($fault, $counted, $stage, $ropeChecked);
        }
        arsort($scores);
        $total = array_sum(array_map(static fn (float $score): float => exp($score), $scores));
        $ranked = [];
        foreach ($scores as $code => $score) {
            $ranked[] = new RankedFault($faults[$code], exp($score) / $total, self::explained($faults[$code], $counted));
        }
        $first = $ranked[0];
        $ropeFirst = !$ropeChecked || $first->fault->isOfTheRope();

        return new self($ranked, $ropeFirst, self::advice($first->fault, $ropeFirst, $ways));
    }

    /**
     * @param list<Sign> $signs
     */
    private static function score(Fault $fault, array $signs, Stage $stage, bool $ropeChecked): float
    {
        $score = log(
            $stage->number() >= $fault->from->number() && $stage->number() <= $fault->to->number() ? self::USUAL : 1.0,
        );
        if ($fault->isOfTheRope() && $ropeChecked) {
            $score -= Weight::Strong->log();
        }
        foreach ($signs as $sign) {
            $weight = log(self::UNEXPLAINED);
            foreach ($fault->evidence as $evidence) {
                if ($evidence->sign === $sign) {
                    $weight = $evidence->weight->log();
                }
            }
            $score += $weight;
        }

        return $score;
    }

    /**
     * @param list<Sign> $signs
     *
     * @return list<Evidence>
     */
    private static function explained(Fault $fault, array $signs): array
    {
        return array_values(
            array_filter(
                $fault->evidence,
                static fn (Evidence $evidence): bool => \in_array($evidence->sign, $signs, true),
            ),
        );
    }

    private static function advice(Fault $fault, bool $ropeFirst, Ways $ways): Verdict
    {
        $values = ['cue' => FaultsBySchool::cue($fault, $ways), 'drill' => $fault->drillBy($ways)->title];

        return match (true) {
            $fault->isOfTheRope() => Verdict::of('fault.rope', $values),
            $ropeFirst => Verdict::of('fault.check_rope_then', $values),
            default => Verdict::of('fault.cue', $values),
        };
    }
}
