<?php

declare(strict_types=1);

namespace Zumbo\App\Health;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\Health\Lifting;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\NotedCautions;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Health\StatementInput;
use Zumbo\App\Shared\Health\TakeStatement;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Body\Caution;

/**
 * Notes what to heed before an athlete jumps, and lifts it again: pain by a coach's word, everything else only by the
 * athlete's own statement that a professional cleared them. There is no other way, and nothing is ever taken out.
 */
final readonly class NoteCaution
{
    public function __construct(
        private NotedCautions $noted,
        private ShowCautions $show,
        private NamedAthlete $athletes,
        private TakeStatement $statement,
        private Gyms $gyms,
        private CoachName $name,
        private CurrentCoach $coach,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function note(UuidV7 $id, CautionInput $input): bool
    {
        $until = $input->until();
        $this->refuseHelpers($input);

        return $this->writes->run($id, Subject::of('note', 'caution', $id), $input, function () use (
            $id,
            $input,
            $until,
        ): void {
            $this->noted->add(
                new NotedCaution(
                    $this->scope->gymId(),
                    $id,
                    $this->athletes->of($input->athleteId)->id(),
                    $input->caution(),
                    $input->place(),
                    $input->degree,
                    trim($input->note),
                    $until,
                    $this->today(),
                    $this->clock->now(),
                    $this->name->ofCurrent(),
                ),
            );
        });
    }

    /** @throws BadField when no coach's word lifts it */
    public function clear(UuidV7 $id, ClearInput $input, WriteCondition $condition): void
    {
        $this->lift($id, $condition, 'clear', $input, function (NotedCaution $noted) use ($input): void {
            if (!$this->show->coachMayClear($noted)) {
                throw BadField::of('caution', $noted->caution()->value, 'pain below 7, or easy weeks', \sprintf(
                    'No coach clears this. It stays until %s says that a professional cleared it.',
                    $this->statement->isMinor($noted->athleteId()) ? 'the guardian' : 'the athlete',
                ));
            }
            $noted->lift(Lifting::byCoach($this->today(), $this->name->ofCurrent(), trim($input->note)));
        });
    }

    /** @throws BadField when the statement is not the right person's, or of a day to come */
    public function state(UuidV7 $id, StatementInput $input, WriteCondition $condition): void
    {
        $this->lift(
            $id,
            $condition,
            'state',
            $input,
            fn (NotedCaution $noted) => $this->statement->lift($noted, $input, $this->name->ofCurrent()),
        );
    }

    /** Helpers note pain and warning signs; conditions and easy weeks are the coach's. */
    private function refuseHelpers(CautionInput $input): void
    {
        $caution = $input->caution();
        if (Role::Helper === $this->coach->role() && !$caution->isRedFlag() && Caution::Pain !== $caution) {
            throw BadField::of('caution', $input->caution, 'pain, or a warning sign; the rest is for coaches');
        }
    }

    /**
     * @param callable(NotedCaution): void $change
     */
    private function lift(
        UuidV7 $id,
        WriteCondition $condition,
        string $verb,
        ClearInput|StatementInput $input,
        callable $change,
    ): void {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'caution', $id),
            $input,
            fn (): NotedCaution => $this->noted->get($id),
            static function (NotedCaution $noted) use ($change): void {
                TakeStatement::refuseLifted($noted);
                $change($noted);
            },
            fn (): NotedCautionView => $this->show->one($id),
        );
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }
}
