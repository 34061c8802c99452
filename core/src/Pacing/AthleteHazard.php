<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;
use Zumbo\Core\Streak\WeibullFit;

/**
 * The chance of a missed double that an athlete's own log supports: a fitted curve when it can be told, else one chance
 * for every rep from the log and what is usual at the stage.
 */
final readonly class AthleteHazard
{
    /** A shape so near to 1 is no tiredness and no bad start (our assumption). */
    private const EVEN = 0.15;

    private function __construct(
        public Hazard $hazard,
        public Verdict $source,
        /** That it rests on. */
        public int $misses,
    ) {
    }

    /**
     * @param Prior             $prior   what is believed of a rep before anything was logged
     * @param list<CountedReps> $counted goes and sums of such reps
     */
    public static function of(Prior $prior, array $counted): self
    {
        $goes = array_values(array_filter($counted, static fn (CountedReps $entry): bool => !$entry->summed));
        $misses = array_sum(array_map(static fn (CountedReps $entry): int => $entry->misses, $counted));
        $fit = WeibullFit::shrunk($goes);
        if ($fit instanceof WeibullFit) {
            $code = match (true) {
                $fit->shape > 1 + self::EVEN => 'pacing.tires',
                $fit->shape < 1 - self::EVEN => 'pacing.starts_badly',
                default => 'pacing.even',
            };

            return new self(
                Hazard::weibull($fit->scale, $fit->shape),
                Verdict::of($code, ['goes' => \count($goes), 'shape' => $fit->shape]),
                $misses,
            );
        }
        $posterior = Posterior::of($prior, $counted);

        return new self(
            Hazard::constant(1 - $posterior->chance->mean()),
            Verdict::of('pacing.from_stage', ['entries' => \count($counted)]),
            $misses,
        );
    }
}
