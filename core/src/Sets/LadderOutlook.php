<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Rhythm\OneJump;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Streak\Hazard;

/**
 * What a ladder will ask of an athlete: chance of each rung unbroken, tries, time, jumps.
 *
 * Rung chance P = Π(1 − q), tries 1/P, time of a rung t_r + Σ S_{j−1}q_j(t_{j−1} + m)/P, breaks between rungs. q goes
 * by the position in the rung and the kind of jump there. Derivation: docs/models/ladders.md.
 */
final readonly class LadderOutlook
{
    /**
     * @param list<RungOutlook> $rungs
     */
    private function __construct(public array $rungs, public float $breaksS)
    {
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
    ): self {
        $longest = max(array_map(static fn (Pattern $rung): int => $rung->jumps(), $ladder->rungs));
        $q = ['s' => $singles->first($longest), 'd' => $doubles->first($longest)];
        $seconds = ['s' => $secondsPerSingle, 'd' => $secondsPerDouble];

        return new self(
            array_map(static fn (Pattern $rung): RungOutlook => self::rung($rung, $q, $seconds, $missS), $ladder->rungs),
            (\count($ladder->rungs) - 1) * $breakS,
        );
    }

    public function chanceOfAll(): float
    {
        return array_product(array_map(static fn (RungOutlook $rung): float => $rung->chance, $this->rungs));
    }

    /** Every rung is made at least once in twenty tries. */
    public function isInReach(): bool
    {
        return [] === array_filter($this->rungs, static fn (RungOutlook $rung): bool => $rung->isOutOfReach());
    }

    /** Contacts to be expected: what was jumped, failed tries included, and the missed jumps themselves. */
    public function expectedContacts(): float
    {
        return $this->expectedJumps() + $this->tries() - \count($this->rungs);
    }

    public function expectedS(): float
    {
        return $this->breaksS + $this->sum(static fn (RungOutlook $rung): float => $rung->expectedS);
    }

    public function cleanS(): float
    {
        return $this->breaksS + $this->sum(static fn (RungOutlook $rung): float => $rung->cleanS);
    }

    public function tries(): float
    {
        return $this->sum(static fn (RungOutlook $rung): float => 1 / $rung->chance);
    }

    public function expectedJumps(): float
    {
        return $this->sum(static fn (RungOutlook $rung): float => $rung->expectedJumps);
    }

    /**
     * @param callable(RungOutlook): float $of
     */
    private function sum(callable $of): float
    {
        return array_sum(array_map($of, $this->rungs));
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

        return new RungOutlook($rung, $survived, $time, $time + $lostTime / $survived, $jumps + $lostJumps / $survived);
    }
}
