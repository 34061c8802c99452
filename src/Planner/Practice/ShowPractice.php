<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Plan\PlannedPractice;
use Zumbo\App\Entity\Plan\PlannedPractices;
use Zumbo\App\Entity\Plan\PlannedWish;
use Zumbo\App\Planner\Practice\Asked\OnePracticeInput;
use Zumbo\App\Planner\Practice\People\PlannedPerson;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Load\StopRule;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Plan\Practice\ClockProgrammes;
use Zumbo\Core\Plan\Practice\Habit;
use Zumbo\Core\Plan\Practice\Practice;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\Slot;

/**
 * The practice of tonight, or of one athlete, as a coach reads it.
 */
final readonly class ShowPractice
{
    private const PLANS_LOOKED_AT = 5;

    public function __construct(
        private PlannedPractices $planned,
        private PlanTonight $plan,
        private ShowGroups $groups,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(): PracticeView
    {
        $gym = $this->gyms->current();
        $day = LocalDay::of($this->clock->now(), $gym->timeZone());
        $row = $this->planned->of($day);
        $wish = $row?->wish() ?? $this->plan->usualWish();
        [$practice, $people] = $this->plan->practice($wish);

        return $this->view($day, $row, $wish, $practice, $people, false);
    }

    /** For somebody by themselves: not kept, so nothing of it is pinned or taken back. */
    public function forOne(Uuid $id, OnePracticeInput $input): PracticeView
    {
        $usual = $this->plan->usualWish();
        $wish = new PlannedWish(
            $input->minutes,
            $usual->hardFloor,
            $input->seed ?? $usual->seed,
            $usual->equipment,
            // What was set for a class of its own length would not fit another one.
            $input->minutes === $usual->minutes ? $usual->seconds : [],
        );
        $day = LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
        [$practice, $people] = $this->plan->alone($id, $wish);

        return $this->view($day, null, $wish, $practice, $people, true);
    }

    /**
     * @param array<string, PlannedPerson> $people
     */
    private function view(
        \DateTimeImmutable $day,
        ?PlannedPractice $row,
        PlannedWish $wish,
        Practice $practice,
        array $people,
        bool $alone,
    ): PracticeView {
        $gym = $this->gyms->current();
        $parts = $this->parts($practice, $people, $wish);

        return new PracticeView(
            $row?->id()->toRfc4122(),
            $row?->version() ?? 0,
            $day->format('Y-m-d'),
            self::said(self::title($practice, $wish, $parts, $alone)),
            $wish->minutes,
            $wish->hardFloor,
            $wish->seed,
            array_map(
                static fn (Equipment $thing): ThingView => new ThingView(
                    $thing,
                    MessageCatalogue::name(Term::of($thing)),
                    $wish->equipment[$thing->value] ?? 0,
                ),
                PlanTonight::things(),
            ),
            $parts,
            self::people($practice, $people),
            SentenceView::listOf($practice->notes, LengthUnit::Centimetre),
            $this->habits($wish, $day),
            array_map(
                static fn (array $one): PlanProgrammeView => new PlanProgrammeView($one['title'], $one['text'], $one['people']),
                ClockProgrammes::of($practice),
            ),
            round(100 * $practice->gap(), 1),
            $row?->canUndo() ?? false,
            $row?->changedBy() ?? '',
            $gym->revision(),
        );
    }

    /**
     * @return list<PlanHabitView>
     */
    private function habits(PlannedWish $wish, \DateTimeImmutable $day): array
    {
        $core = $wish->toCore();
        $last = $this->planned->last($day, self::PLANS_LOOKED_AT);
        $habits = [];
        foreach (Habit::of(array_map(static fn (PlannedPractice $one): PracticeWish => $one->wish()->toCore(), $last)) as $habit) {
            if (!isset($wish->seconds[$habit->slot->value])) {
                $habits[] = new PlanHabitView($habit->slot, self::said($habit->verdict()), $habit->secondsIn($core));
            }
        }

        return $habits;
    }

    /**
     * @param array<string, PlannedPerson> $people
     *
     * @return list<PartView>
     */
    private function parts(Practice $practice, array $people, PlannedWish $wish): array
    {
        $parts = [];
        foreach ($practice->sections as $slot => $seconds) {
            $parts[] = new PartView(
                Slot::from($slot),
                MessageCatalogue::name(Term::of(Slot::from($slot))),
                $seconds,
                isset($wish->seconds[$slot]),
                $this->groups->of($practice, Slot::from($slot), $people),
            );
        }

        return $parts;
    }

    /**
     * @param array<string, PlannedPerson> $people
     *
     * @return list<PlanPersonView>
     */
    private static function people(Practice $practice, array $people): array
    {
        $views = [];
        foreach ($people as $id => $one) {
            $contacts = $practice->contacts($id);
            $who = $one->participant;
            $ends = $contacts > 0 ? StopRule::endsAt($contacts, $who->usualReps, $who->usualMisses) : null;
            $views[] = new PlanPersonView(
                $id,
                $one->firstName(),
                $contacts,
                $who->allowance->contactsLeftToday,
                SentenceView::listOf($practice->notesOf[$id] ?? [], LengthUnit::Centimetre),
                null === $ends ? null : self::said(Verdict::of('plan.stop_at', ['misses' => $ends, 'tries' => $contacts])),
            );
        }

        return $views;
    }

    /**
     * @param list<PartView> $parts
     */
    private static function title(Practice $practice, PlannedWish $wish, array $parts, bool $alone): Verdict
    {
        if ([] === $practice->sections) {
            return $practice->notes[0];
        }
        $shown = array_merge(...array_map(
            static fn (PartView $part): array => array_map(static fn (PlanGroupView $group): string => $group->code, $part->groups),
            $parts,
        ));

        return Verdict::of($alone ? 'plan.ready_alone' : 'plan.ready', [
            'minutes' => $wish->minutes,
            'people' => \count(array_filter($practice->blocks)),
            'drills' => \count(array_diff(array_unique($shown), [Slot::WarmUp->value, Slot::CoolDown->value])),
        ]);
    }

    private static function said(Verdict $verdict): SentenceView
    {
        return SentenceView::of($verdict, LengthUnit::Centimetre);
    }
}
