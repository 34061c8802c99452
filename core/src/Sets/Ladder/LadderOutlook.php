<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Rhythm\OneJump;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Streak\Hazard;

/**
 * What a ladder will ask of an athlete: chance of each rung unbroken, goes by the miss rule, time, jumps.
 *
 * Rung chance P = Π(1 − q), a go takes P t_r + Σ S_{j−1}q_j(t_{j−1} + m), goes as MissRule has them, a break before each
 * rung but the first. q goes by the position in the rung and the kind of jump there. Derivation: docs/models/ladders.md.
 */
final readonly class LadderOutlook
{
    /**
     * @param non-empty-list<RungOutlook> $rungs of one time through
     */
    private function __construct(
        public array $rungs,
        private int $times,
        private float $breaksS,
        private float $cleanBreaksS,
    ) {
    }

    /**
     * @param Hazard $singles chance of a miss of a single, by its position in the rung
     * @param Hazard $doubles the same of a double
     */
    public static function of(
        Ladder $ladder,
        Hazard $singles,
        Hazard $doubles,
        float $secondsPerSingle,
        float $secondsPerDouble,
        float $breakS,
        float $missS,
        MissRule $rule = MissRule::Repeat,
    ): self {
        $longest = max(array_map(static fn (Pattern $rung): int => $rung->jumps(), $ladder->rungs));
        $q = ['s' => $singles->first($longest), 'd' => $doubles->first($longest)];
        $seconds = ['s' => $secondsPerSingle, 'd' => $secondsPerDouble];

        return self::ofRungs(
            array_map(static fn (Pattern $rung): RungOutlook => self::rung($rung, $q, $seconds, $missS), $ladder->rungs),
            $ladder->times,
            $breakS,
            $rule,
        );
    }

    /**
     * Of rungs whose chances are known already.
     *
     * @param non-empty-list<RungOutlook> $rungs
     */
    public static function ofRungs(array $rungs, int $times, float $breakS, MissRule $rule): self
    {
        $course = $rule->goes(array_map(static fn (RungOutlook $rung): float => $rung->chance, $rungs));
        $between = $times - 1;

        return new self(
            array_map(static fn (RungOutlook $rung, float $goes): RungOutlook => $rung->begun($goes), $rungs, $course['goes']),
            $times,
            ($times * $course['breaks'] + $between) * $breakS,
            ($times * \count($rungs) - 1) * $breakS,
        );
    }

    /** Of every rung, each time, at the first go. */
    public function chanceOfAll(): float
    {
        return array_product(array_map(static fn (RungOutlook $rung): float => $rung->chance, $this->rungs)) ** $this->times;
    }

    /** Every rung is made at least once in twenty tries. */
    public function isInReach(): bool
    {
        return [] === array_filter($this->rungs, static fn (RungOutlook $rung): bool => $rung->isOutOfReach());
    }

    /** Contacts to be expected: what was jumped, failed goes included, and the missed jumps themselves. */
    public function expectedContacts(): float
    {
        return $this->expectedJumps() + $this->expectedMisses();
    }

    public function expectedMisses(): float
    {
        return $this->sum(static fn (RungOutlook $rung): float => $rung->expectedMisses());
    }

    public function expectedS(): float
    {
        return $this->breaksS + $this->sum(static fn (RungOutlook $rung): float => $rung->expectedS());
    }

    /** Without a miss. */
    public function cleanS(): float
    {
        return $this->cleanBreaksS + $this->sum(static fn (RungOutlook $rung): float => $rung->cleanS);
    }

    /** Goes at all rungs, by the miss rule. */
    public function goes(): float
    {
        return $this->sum(static fn (RungOutlook $rung): float => $rung->goes);
    }

    public function expectedJumps(): float
    {
        return $this->sum(static fn (RungOutlook $rung): float => $rung->expectedJumps());
    }

    public function hardest(): RungOutlook
    {
        return array_reduce(
            $this->rungs,
            static fn (RungOutlook $hardest, RungOutlook $rung): RungOutlook => $rung->chance < $hardest->chance ? $rung : $hardest,
            $this->rungs[0],
        );
    }

    /**
     * @param callable(RungOutlook): float $of
     */
    private function sum(callable $of): float
    {
        return $this->times * array_sum(array_map($of, $this->rungs));
    }

    /**
     * @param array{s: list<float>, d: list<float>} $q
     * @param array{s: float, d: float}             $seconds
     */
    private static function rung(Pattern $rung, array $q, array $seconds, float $missS): RungOutlook
    {
        $survived = 1.0;
        $time = $lostTime = $lostJumps = 0.0;
        $jumps = 0;
        foreach ($rung->steps() as $step) {
            if (!$step instanceof OneJump) {
                continue;
            }
            $kind = $step->kind->passes() > 1 ? 'd' : 's';
            $failed = $survived * $q[$kind][$jumps];
            $lostTime += $failed * ($time + $missS);
            $lostJumps += $failed * $jumps;
            $survived -= $failed;
            $time += $seconds[$kind];
            ++$jumps;
        }

        return new RungOutlook($rung, $survived, $time, $survived * $time + $lostTime, $survived * $jumps + $lostJumps);
    }
}
