<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\Equipment;

/**
 * What of it an athlete may do, by health, contacts, things there are and variety, and what is left out and why.
 */
final class SlotCandidates
{
    /** More than anything else weighs: only when it can't be helped. */
    private const AGAINST_A_PIN = 1000.0;
    private const AGAINST_WHAT_STANDS = 60.0;

    private readonly SlotPool $pool;

    public function __construct(DrillShelf $shelf, private readonly PracticeWish $wish)
    {
        $this->pool = new SlotPool($shelf);
    }

    /**
     * @param list<string> $done codes of the other parts
     */
    public function of(Participant $athlete, Slot $slot, int $seconds, int $contacts, array $done): Considered
    {
        $pool = $this->pool->of($athlete, $slot);
        $pinned = $this->wish->pins[$athlete->key][$slot->value] ?? null;
        $pool = $this->withPinned($pool, $pinned, $athlete);
        // What is pinned for another part is kept for it.
        $done = [...$done, ...array_values(array_diff_key($this->wish->pins[$athlete->key] ?? [], [$slot->value => '']))];
        $fit = $leftOut = [];
        foreach ($pool as $one) {
            $reason = \in_array($one->code, $done, true) ? null : $this->against($one, $athlete, $slot, $seconds, $contacts);
            if (null !== $reason) {
                $leftOut[] = new LeftOut($one->code, $one->title, $reason);
            } elseif (!\in_array($one->code, $done, true)) {
                $fit[$one->code] ??= $one;
            }
        }
        $ladder = \in_array($pinned, [null, SlotPool::ladderCode()], true)
            ? $this->pool->ladder($athlete, $slot, $seconds, $contacts, \count($fit))
            : null;
        if (null !== $ladder && null === $this->refused($athlete, $slot, $ladder->code)) {
            $fit[$ladder->code] = $ladder->code === $pinned ? $ladder->because(PlanRule::Pin) : $ladder;
        }
        $all = $this->withoutLastTimes(array_values($fit), $leftOut, $athlete, $slot);

        return $this->weighed($this->hasAlways($all) ? $all : $this->withCalmWork($all, $athlete, $seconds, $done), $athlete, $slot);
    }

    /** Whether there is something that needs nothing of which there may be too little. */
    private function hasAlways(Considered $all): bool
    {
        $scarce = array_keys($this->wish->stock());

        return [] !== array_filter(
            $all->candidates,
            static fn (Candidate $one): bool => [] === array_intersect($one->things(), $scarce),
        );
    }

    /**
     * Where no jumps are left, or everything else is taken: hands, claps and beat; nothing of that either: a rest.
     *
     * @param list<string> $done
     */
    private function withCalmWork(Considered $all, Participant $athlete, int $seconds, array $done): Considered
    {
        $calm = [];
        foreach ($this->pool->withoutJumping($athlete) as $one) {
            $drill = $one->drill;
            if (null !== $drill && $drill->isWithoutLandings() && null === $this->against($one, $athlete, Slot::Main, $seconds, 0)
                && null === $all->named($one->code) && !\in_array($one->code, $done, true)) {
                $calm[] = $one->because($athlete->jumps() ? PlanRule::Load : PlanRule::NoJump);
            }
        }

        return new Considered([...$all->candidates, ...$calm, Candidate::rest()], $all->leftOut);
    }

    /**
     * @param list<Candidate> $pool
     *
     * @return list<Candidate>
     */
    private function withPinned(array $pool, ?string $code, Participant $athlete): array
    {
        if (null === $code) {
            return $pool;
        }
        $rest = array_values(array_filter($pool, static fn (Candidate $one): bool => $one->code !== $code));
        $known = array_values(array_filter($pool, static fn (Candidate $one): bool => $one->code === $code));
        foreach ([] === $known ? $this->pool->taught($athlete->ways) : [] as $drill) {
            if ($drill->code === $code && ($athlete->jumps() || $drill->isWithoutLandings())) {
                $known[] = Candidate::drill($drill, 0.0, PlanRule::Pin);
            }
        }

        return [...array_map(static fn (Candidate $one): Candidate => $one->because(PlanRule::Pin), $known), ...$rest];
    }

    private function against(Candidate $one, Participant $athlete, Slot $slot, int $seconds, int $contacts): ?LeftOutReason
    {
        $drill = $one->drill;
        if (null === $drill) {
            return null;
        }
        $lacks = array_filter($drill->notes->needs, fn (Equipment $thing): bool => Equipment::Rope === $thing
            ? !$athlete->hasRope
            : !$this->wish->has($thing));

        return match (true) {
            !$drill->spares($athlete->allowance->sore) => LeftOutReason::LoadsWhatIsSore,
            [] !== $lacks => LeftOutReason::NoEquipment,
            PlanRule::Pin !== $one->rule && null !== $this->refused($athlete, $slot, $drill->code) => LeftOutReason::AskedForAnother,
            null === BlockDose::of($drill, SetAim::of($drill, $athlete->pace)->reps, $seconds, $contacts) => LeftOutReason::TooManyContacts,
            default => null,
        };
    }

    private function refused(Participant $athlete, Slot $slot, string $code): ?LeftOutReason
    {
        return \in_array($code, $this->wish->refused[$athlete->key][$slot->value] ?? [], true)
            ? LeftOutReason::AskedForAnother
            : null;
    }

    /**
     * Nothing of last time where there is another.
     *
     * @param list<Candidate> $fit
     * @param list<LeftOut>   $leftOut
     */
    private function withoutLastTimes(array $fit, array $leftOut, Participant $athlete, Slot $slot): Considered
    {
        $kept = $this->wish->kept[$athlete->key][$slot->value] ?? null;
        $isNew = static fn (Candidate $one): bool => PlanRule::Pin === $one->rule || $one->code === $kept
            || !\in_array($one->code, $athlete->lastDrills, true);
        $new = array_values(array_filter($fit, $isNew));
        if ([] === $new || \count($new) === \count($fit)) {
            return new Considered($fit, $leftOut);
        }
        foreach ($fit as $one) {
            if (!$isNew($one)) {
                $leftOut[] = new LeftOut($one->code, $one->title, LeftOutReason::DoneLastTime);
            }
        }

        return new Considered($new, $leftOut);
    }

    private function weighed(Considered $all, Participant $athlete, Slot $slot): Considered
    {
        $kept = $this->wish->kept[$athlete->key][$slot->value] ?? null;
        $pinned = [] !== array_filter($all->candidates, static fn (Candidate $one): bool => PlanRule::Pin === $one->rule);
        $stands = null !== $all->named($kept);

        return new Considered(array_map(
            fn (Candidate $one): Candidate => $one->costing(
                ($pinned && PlanRule::Pin === $one->rule ? 0.0 : $one->cost)
                + ($pinned && PlanRule::Pin !== $one->rule ? self::AGAINST_A_PIN : 0.0)
                + ($stands && $one->code !== $kept ? self::AGAINST_WHAT_STANDS : 0.0)
                + (Slot::Main === $slot ? 0.0 : PlanWeights::CHANCE * $this->chance($slot, $one->code)),
            ),
            $all->candidates,
        ), $all->leftOut);
    }

    /** From 0 to 1, the same for everybody: chance splits no group. */
    private function chance(Slot $slot, string $code): float
    {
        return hexdec(substr(hash('xxh32', $this->wish->seed.' '.$slot->value.' '.$code), 0, 6)) / 0xFFFFFF;
    }
}
