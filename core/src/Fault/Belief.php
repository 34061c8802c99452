<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * How likely each fault is after one look: naive Bayes over one table. A sign that is there speaks for what it comes
 * with; one that was looked at and is fine speaks against it; one that nobody noted does so a little, since some of
 * them would have been noticed.
 *
 * Bayes' rule with signs independent of each other, given the fault; that they are is our assumption.
 */
final readonly class Belief
{
    /** How often a sign that is there is noted by somebody who looks for it (our assumption). */
    private const NOTED = 0.85;

    /** How often a sign that nobody noted was looked for all the same (our assumption). */
    private const LOOKED_FOR = 0.25;

    /**
     * @param array<string, Fault>           $faults  by code
     * @param non-empty-array<string, float> $chances by code, the likeliest first; they add up to 1
     */
    private function __construct(private array $faults, public array $chances)
    {
    }

    /**
     * @param non-empty-list<Fault>  $faults
     * @param callable(Fault): float $prior  relative, above 0
     */
    public static function of(array $faults, Observed $observed, callable $prior): self
    {
        $scores = $byCode = [];
        foreach ($faults as $fault) {
            $byCode[$fault->code] = $fault;
            $scores[$fault->code] = log($prior($fault)) + self::said($fault, $observed);
        }

        return new self($byCode, self::normalised($scores));
    }

    /** Only the likeliest, as if nothing else could be: those within this factor of the first. */
    public function amongLeaders(float $factor): self
    {
        $least = max($this->chances) / $factor;
        $leaders = array_filter($this->chances, static fn (float $chance): bool => $chance >= $least);

        return [] === $leaders ? $this : new self($this->faults, self::normalised(array_map(log(...), $leaders)));
    }

    /** How much is expected to be learned by looking for this sign, in bits (mutual information). */
    public function information(Sign $sign): float
    {
        $seen = $entropy = 0.0;
        foreach ($this->chances as $code => $chance) {
            $noted = self::NOTED * $this->faults[$code]->chanceOf($sign);
            $seen += $chance * $noted;
            $entropy += $chance * self::entropy($noted);
        }

        return max(0.0, self::entropy($seen) - $entropy);
    }

    private static function said(Fault $fault, Observed $observed): float
    {
        $said = 0.0;
        foreach (Sign::cases() as $sign) {
            $there = $fault->chanceOf($sign);
            $said += log(match (true) {
                \in_array($sign, $observed->seen, true) => $there,
                \in_array($sign, $observed->fine, true) => 1 - self::NOTED * $there,
                \in_array($sign, $observed->untold, true) => 1.0,
                default => 1 - self::LOOKED_FOR * self::NOTED * $there,
            });
        }

        return $said;
    }

    /**
     * @param non-empty-array<string, float> $scores logarithms
     *
     * @return non-empty-array<string, float> the greatest first
     */
    private static function normalised(array $scores): array
    {
        arsort($scores);
        $most = max($scores);
        $raised = array_map(static fn (float $score): float => exp($score - $most), $scores);
        $all = array_sum($raised);

        return array_map(static fn (float $share): float => $share / $all, $raised);
    }

    private static function entropy(float $chance): float
    {
        return $chance <= 0 || $chance >= 1 ? 0.0 : -$chance * log($chance, 2) - (1 - $chance) * log(1 - $chance, 2);
    }
}
