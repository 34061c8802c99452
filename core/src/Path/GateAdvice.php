<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\GateRule;

/**
 * What follows from a gate's outlook: how sure the chance is, what would settle it, and the one next thing.
 *
 * Nearly from 0.5 on; settled when the 80 % interval of the chance lies on one side of what opens the gate. Limits are
 * our assumption.
 */
final readonly class GateAdvice
{
    /** What is usual at a stage is said when it moves the chance by more. */
    private const PRIOR_SAID_FROM = 0.03;
    private const MOST_MORE = 50;

    private function __construct(
        /** @var array{float, float} the 80 % interval of the chance */
        public array $interval,
        /** How many more entries would settle it; 0 when settled, null when more than fifty. */
        public ?int $more,
        /** What it rests on and what would settle it. */
        public Verdict $basis,
        /** The one next thing. */
        public Verdict $next,
    ) {
    }

    /**
     * @param float        $byPrior by so much what is usual at the stage moves the chance
     * @param Verdict|null $unaware that they may be further than they know
     */
    public static function of(GateOutlook $outlook, float $byPrior, ?Verdict $unaware): self
    {
        $interval = GateChance::interval($outlook->gate, $outlook->gate->count, $outlook->recent->posterior);
        $more = self::more($outlook->chance, $interval, $outlook->recent->entries);

        return new self(
            $interval,
            $more,
            self::basis($outlook->recent, $outlook->gate, $more, $byPrior),
            self::next($outlook, $more, $unaware),
        );
    }

    /**
     * The interval narrows with the square root of what it rests on: so many more entries bring it to one side.
     *
     * @param array{float, float} $interval
     */
    private static function more(float $chance, array $interval, int $count): ?int
    {
        [$low, $high] = $interval;
        $missing = max(0, GateOutlook::LEAST_ENTRIES - $count);
        if ($low >= GateOutlook::OPEN_FROM || $high < GateOutlook::OPEN_FROM) {
            return $missing;
        }
        $gap = abs($chance - GateOutlook::OPEN_FROM);
        $half = $chance >= GateOutlook::OPEN_FROM ? $chance - $low : $high - $chance;
        $needed = $gap > 0.0 ? max(1, $count) * ($half / $gap) ** 2 - $count : \INF;

        return $needed > self::MOST_MORE ? null : max($missing, 1, (int) ceil($needed));
    }

    /** @param float $byPrior by so much what is usual at the stage moves the chance */
    private static function basis(RecentSessions $recent, Gate $gate, ?int $more, float $byPrior): Verdict
    {
        $values = [
            // One batch of tries is as many attempts; a go or a hold is one.
            'attempts' => CountKind::Tries === $gate->countKind ? $recent->attempts : $recent->entries,
            'sessions' => $recent->sessions,
            'more' => $more ?? self::MOST_MORE,
            'points' => abs($byPrior) > self::PRIOR_SAID_FROM ? (int) round(100 * abs($byPrior)) : 0,
            'way' => $byPrior > 0.0 ? 'up' : 'down',
        ];

        return match (true) {
            0 === $recent->entries => Verdict::of('gate.basis_none', $values),
            null === $more => Verdict::of('gate.basis_far', $values),
            0 === $more => Verdict::of($recent->posterior->summed ? 'gate.basis_settled_sums' : 'gate.basis_settled', $values),
            default => Verdict::of('gate.basis_more', $values),
        };
    }

    private static function next(GateOutlook $outlook, ?int $more, ?Verdict $unaware): Verdict
    {
        $count = $outlook->recent->entries;
        $values = [
            'count' => $outlook->gate->count,
            'quality' => $outlook->gate->quality,
            'missing' => max(0, GateOutlook::LEAST_ENTRIES - $count),
            'more' => $more ?? self::MOST_MORE,
            'reason' => $outlook->gate->waived,
            'clean' => $outlook->cleanMissing(),
        ];
        $before = $outlook->stageBefore();

        return match (true) {
            $outlook->gate->isWaived() => Verdict::of('gate.next_waived', $values),
            $outlook->isOpenNow() => Verdict::of('gate.next_open', $values),
            GateVerdict::StepBack === $outlook->verdict && null !== $before => Verdict::of('gate.next_step_back', [
                'stage' => Term::of($before),
            ]),
            0 === $count => Verdict::of('gate.next_first', $values),
            GateRule::FormFirst === $outlook->gate->rule => Verdict::of('gate.next_form', $values),
            $outlook->rough > 0 => Verdict::of('gate.next_quality', $values),
            $outlook->chance >= GateOutlook::OPEN_FROM => Verdict::of('gate.next_few', $values),
            null !== $unaware => $unaware,
            $outlook->chance >= GateOutlook::NEARLY_FROM => Verdict::of($more > 0 ? 'gate.next_nearly' : 'gate.next_close', $values),
            default => Verdict::of('gate.next_practise', $values),
        };
    }
}
