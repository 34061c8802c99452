<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Posterior;

/**
 * How likely somebody makes a pattern without a miss: one round, and all of it. A double is the first of its run after
 * any other jump, so that a single between two doubles begins anew.
 */
final readonly class PatternOutlook
{
    /** From here on all of it can be the aim; below it goes by time, with free restarts (our assumption). */
    private const CAN_BE_THE_AIM = 0.5;

    private function __construct(
        public float $chanceOfRound,
        /** Of all rounds. */
        public float $chance,
        public int $rounds,
        public Verdict $verdict,
    ) {
    }

    /**
     * @param list<Beat> $beats of the whole pattern
     *
     * @return self|null null: there is no jump in it
     */
    public static function of(Pattern $pattern, array $beats, Hazard $singles, Hazard $doubles): ?self
    {
        $kinds = [];
        foreach ($beats as $beat) {
            $kinds[] = $beat->kind;
        }
        $jumps = \count(array_filter($kinds));

        return self::told(
            $pattern,
            $jumps,
            self::made(\array_slice($kinds, 0, $pattern->jumpsOfRound()), $singles, $doubles),
            self::made($kinds, $singles, $doubles),
        );
    }

    private static function told(Pattern $pattern, int $jumps, float $round, float $chance): ?self
    {
        $length = $pattern->jumpsOfRound();
        if (0 === $jumps || 0 === $length) {
            return null;
        }
        $rounds = max(1, intdiv($jumps, $length));
        $values = [
            'rounds' => $rounds,
            'jumps' => $jumps,
            'round_in_100' => (int) round(100 * $round),
            'in_100' => (int) round(100 * $chance),
        ];
        $aim = $chance >= self::CAN_BE_THE_AIM;
        $code = match (true) {
            $rounds > 1 => $aim ? 'pattern.rounds_aim' : 'pattern.rounds_by_time',
            default => $aim ? 'pattern.whole_aim' : 'pattern.whole_by_time',
        };

        return new self($round, $chance, $rounds, Verdict::of($code, $values));
    }

    /**
     * By seconds held without a miss instead of single jumps: for whoever's log counts those of such a pattern.
     *
     * @param list<Beat> $beats   of the whole pattern
     * @param Posterior  $seconds the chance of one second more
     *
     * @return self|null null: there is no jump in it
     */
    public static function ofHolds(Pattern $pattern, array $beats, Posterior $seconds): ?self
    {
        $jumping = array_values(array_filter($beats, static fn (Beat $beat): bool => null !== $beat->kind));
        $held = static fn (Beat ...$some): float => $seconds->chanceOf(
            (int) round(array_sum(array_map(static fn (Beat $beat): float => $beat->endS - $beat->atS, $some))),
        );

        return self::told(
            $pattern,
            \count($jumping),
            $held(...\array_slice($jumping, 0, $pattern->jumpsOfRound())),
            $held(...$jumping),
        );
    }

    /**
     * @param list<JumpKind|null> $kinds null: a rest
     */
    private static function made(array $kinds, Hazard $singles, Hazard $doubles): float
    {
        [$single] = $singles->first(1);
        $double = $doubles->first(max(1, \count($kinds)));
        $chance = 1.0;
        $run = 0;
        foreach ($kinds as $kind) {
            $isDouble = null !== $kind && $kind->passes() > 1;
            $run = $isDouble ? $run + 1 : 0;
            $chance *= match (true) {
                null === $kind => 1.0,
                $isDouble => 1 - $double[$run - 1],
                default => 1 - $single,
            };
        }

        return $chance;
    }
}
