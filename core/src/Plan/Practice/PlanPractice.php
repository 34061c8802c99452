<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Plan\Choice\BestChoice;
use Zumbo\Core\Plan\Choice\Choices;

/**
 * Makes a practice: shares out the time and the contacts, lets everybody choose jointly in each part at the least weight, and
 * says of each block which rule chose it. docs/models/plan.md.
 */
final class PlanPractice
{
    /** The main set last: what the others don't need is its. */
    private const ORDER = [Slot::Focus, Slot::Finish, Slot::Main];

    /** @var array<string, array<string, Block>> by participant and slot */
    private array $blocks = [];

    /** @var array<string, ContactBudget> */
    private array $budgets = [];

    /** @var array<string, list<Verdict>> */
    private array $notesOf = [];

    private float $cost = 0.0;
    private float $bound = 0.0;
    private readonly SlotCandidates $candidates;
    private readonly BlockOf $blockOf;

    /**
     * @param list<Participant> $athletes
     */
    private function __construct(
        private readonly PracticeWish $wish,
        private readonly array $athletes,
        private readonly SectionTimes $times,
        DrillShelf $shelf,
    ) {
        $this->candidates = new SlotCandidates($shelf, $wish);
        $this->blockOf = new BlockOf();
    }

    /**
     * @param list<Participant> $athletes
     *
     * @throws OutOfRange when the parts that the coach set do not fit the time
     */
    public static function of(PracticeWish $wish, array $athletes, DrillShelf $shelf): Practice
    {
        $nobody = array_fill_keys(array_map(static fn (Participant $one): string => $one->key, $athletes), []);
        if ($wish->totalS < SectionTimes::LEAST_S) {
            $why = Verdict::of('plan.too_short', ['minutes' => intdiv($wish->totalS, 60), 'least' => intdiv(SectionTimes::LEAST_S, 60)]);

            return new Practice([], $nobody, [$why], $nobody, 0.0, 0.0);
        }
        $self = new self($wish, $athletes, SectionTimes::of($wish), $shelf);
        $self->begin();
        foreach (self::ORDER as $slot) {
            $self->choose($slot);
        }

        return $self->made($nobody);
    }

    /** Who takes part, with what; warm-up and cool-down, which nobody shares. */
    private function begin(): void
    {
        foreach ($this->athletes as $athlete) {
            $key = $athlete->key;
            $this->budgets[$key] = ContactBudget::of($athlete, $this->wish->hardFloor);
            $this->notesOf[$key] = self::notesOf($athlete, $this->budgets[$key]);
            if (!$athlete->takesPart()) {
                continue;
            }
            $seconds = $this->times->seconds;
            if (isset($seconds[Slot::WarmUp->value])) {
                $items = WarmUpChoice::warmUp($athlete, $seconds[Slot::WarmUp->value], $this->budgets[$key]->for(Slot::WarmUp));
                $this->keep($athlete, $this->blockOf->items($athlete, Slot::WarmUp, $seconds[Slot::WarmUp->value], $items));
            }
            if (isset($seconds[Slot::CoolDown->value])) {
                $items = WarmUpChoice::coolDown($athlete, $seconds[Slot::CoolDown->value]);
                $this->keep($athlete, $this->blockOf->items($athlete, Slot::CoolDown, $seconds[Slot::CoolDown->value], $items));
            }
        }
    }

    private function choose(Slot $slot): void
    {
        $seconds = $this->times->seconds[$slot->value] ?? 0;
        $considered = [];
        foreach (0 === $seconds ? [] : $this->athletes as $athlete) {
            if ($athlete->takesPart()) {
                $done = array_values(array_map(static fn (Block $block): string => $block->code, $this->blocks[$athlete->key] ?? []));
                $left = $this->budgets[$athlete->key]->for($slot);
                $considered[$athlete->key] = $this->candidates->of($athlete, $slot, $seconds, $left, $done);
            }
        }
        if ([] === $considered) {
            return;
        }
        $chosen = $this->together($considered);
        $sharing = $this->sharing($chosen);
        foreach ($this->athletes as $athlete) {
            if (isset($chosen[$athlete->key])) {
                $one = $this->ruled($athlete, $slot, $chosen[$athlete->key], $considered[$athlete->key], $sharing);
                $this->keep($athlete, $this->blockOf->chosen(
                    $athlete,
                    $slot,
                    $seconds,
                    $this->budgets[$athlete->key]->for($slot),
                    $one,
                    $considered[$athlete->key],
                    $sharing[$one->code] ?? 1,
                ));
            }
        }
    }

    /**
     * @param array<string, Considered> $considered
     *
     * @return array<string, Candidate>
     */
    private function together(array $considered): array
    {
        $numbers = $costs = $needs = [];
        $stock = $this->wish->stock();
        foreach ($considered as $all) {
            $own = [];
            foreach ($all->candidates as $one) {
                $number = $numbers[$one->code] ??= \count($numbers);
                $own[$number] = $one->cost;
                $needs[$number] = $one->things();
            }
            $costs[] = $own;
        }
        $best = BestChoice::of(Choices::of($costs, array_fill_keys(array_values($numbers), PlanWeights::EXPLAIN), $needs, $stock));
        $this->cost += $best->cost;
        $this->bound += $best->bound;
        $codes = array_flip($numbers);
        $chosen = [];
        foreach (array_keys($considered) as $i => $key) {
            $one = $considered[$key]->named($codes[$best->chosen[$i]]);
            if (null !== $one) {
                $chosen[$key] = $one;
            }
        }

        return $chosen;
    }

    /**
     * @param array<string, Candidate> $chosen
     *
     * @return array<string, int> how many do the same, by code
     */
    private function sharing(array $chosen): array
    {
        return array_count_values(array_map(static fn (Candidate $one): string => $one->code, array_values($chosen)));
    }

    /**
     * The rule that a block is named by: the strongest that holds.
     *
     * @param array<string, int> $sharing
     */
    private function ruled(Participant $athlete, Slot $slot, Candidate $one, Considered $all, array $sharing): Candidate
    {
        $rule = match (true) {
            PlanRule::Fault === $one->rule && $this->sharesTheFault($athlete, $slot, $one, $sharing) => PlanRule::SharedFault,
            PlanRule::Turn === $one->rule && self::cheaperWasOut($all, LeftOutReason::DoneLastTime, $athlete) => PlanRule::Variety,
            default => $one->rule,
        };

        return $one->because($rule);
    }

    /**
     * @param array<string, int> $sharing
     */
    private function sharesTheFault(Participant $athlete, Slot $slot, Candidate $one, array $sharing): bool
    {
        $same = array_filter(
            $this->athletes,
            static fn (Participant $other): bool => $other->fault?->fault === $athlete->fault?->fault,
        );

        return Slot::Focus === $slot && min($sharing[$one->code] ?? 0, \count($same)) >= PlanWeights::A_GROUP;
    }

    private static function cheaperWasOut(Considered $all, LeftOutReason $reason, Participant $athlete): bool
    {
        return [] !== array_filter(
            $all->leftOut,
            static fn (LeftOut $one): bool => $one->reason === $reason && \in_array($one->code, $athlete->lastDrills, true),
        );
    }

    private function keep(Participant $athlete, Block $block): void
    {
        $this->blocks[$athlete->key][$block->slot->value] = $block;
        $this->budgets[$athlete->key]->spend($block->contacts);
    }

    /**
     * @return list<Verdict>
     */
    private static function notesOf(Participant $athlete, ContactBudget $budget): array
    {
        return array_values(array_filter([
            $athlete->takesPart() ? null : Verdict::of('plan.sits_out'),
            $athlete->takesPart() && !$athlete->allowance->offersJumps() ? Verdict::of('plan.no_jump') : null,
            $athlete->hasRope ? null : Verdict::of('plan.no_rope'),
            $athlete->lighter ? Verdict::of('plan.lighter', ['percent' => (int) round(100 * ContactBudget::LIGHTER)]) : null,
        ]));
    }

    /**
     * @param array<string, array{}> $nobody
     */
    private function made(array $nobody): Practice
    {
        $ordered = [];
        foreach (array_keys($nobody) as $key) {
            $ordered[$key] = array_values(array_filter(array_map(
                fn (Slot $slot): ?Block => $this->blocks[$key][$slot->value] ?? null,
                Slot::cases(),
            )));
        }
        $notes = array_values(array_filter([
            $this->wish->ofAClass && $this->wish->totalS < SectionTimes::SHORT_CLASS_S
                ? Verdict::of('plan.short_class', ['minutes' => intdiv($this->wish->totalS, 60)])
                : null,
            $this->wish->hardFloor ? Verdict::of('plan.hard_floor', ['percent' => (int) round(100 * ContactBudget::HARD_FLOOR)]) : null,
        ]));

        return new Practice($this->times->seconds, $ordered, $notes, $this->notesOf, $this->cost, $this->bound);
    }
}
