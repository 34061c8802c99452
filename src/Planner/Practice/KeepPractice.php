<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Plan\PlannedPractice;
use Zumbo\App\Entity\Plan\PlannedPractices;
use Zumbo\App\Entity\Plan\PlannedWish;
use Zumbo\App\Planner\Practice\Asked\ChangeWish;
use Zumbo\App\Planner\Practice\Asked\EquipmentInput;
use Zumbo\App\Planner\Practice\Asked\PracticeChangeInput;
use Zumbo\App\Planner\Practice\Asked\PracticeInput;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;

/**
 * Keeps the practice of tonight, changes it, and takes a step back.
 */
final readonly class KeepPractice
{
    private const KIND = 'plan';

    public function __construct(
        private PlannedPractices $planned,
        private PlanTonight $plan,
        private ShowPractice $show,
        private Gyms $gyms,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when the parts do not fit the minutes
     */
    public function keep(UuidV7 $id, PracticeInput $input): bool
    {
        return $this->writes->run($id, Subject::of('keep', self::KIND, $id), $input, function () use ($id, $input): void {
            $usual = $this->plan->usualWish();
            $wish = new PlannedWish(
                $input->minutes,
                $input->hardFloor,
                $input->seed,
                null === $input->equipment ? $usual->equipment : EquipmentInput::counts($input->equipment),
                $usual->seconds,
                habits: $usual->habits,
            );
            $this->planned->add(new PlannedPractice(
                $this->scope->gymId(),
                $id,
                LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()),
                $this->plan->settled($wish),
                $this->name->ofCurrent(),
            ));
        });
    }

    /** @throws BadField when what is asked can't be done */
    public function change(UuidV7 $id, PracticeChangeInput $input, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('change', self::KIND, $id),
            $input,
            fn (): PlannedPractice => $this->planned->get($id),
            function (PlannedPractice $row) use ($input): void {
                if ($input->undo) {
                    $row->undo($this->name->ofCurrent());

                    return;
                }
                $row->change($this->plan->settled(ChangeWish::of($row->wish(), $input)), $this->name->ofCurrent());
            },
            fn (): PracticeView => $this->show->tonight(),
        );
    }

    public function drop(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('drop', self::KIND, $id),
            null,
            fn (): PlannedPractice => $this->planned->get($id),
            fn (PlannedPractice $row) => $row->remove($this->clock->now()),
            fn (): PracticeView => $this->show->tonight(),
        );
    }
}
