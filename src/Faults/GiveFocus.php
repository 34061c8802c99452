<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Fault\UnknownFault;

/**
 * Attaches a fault and its cue to an athlete's next sets, takes it off, and undoes that; each write once.
 */
final readonly class GiveFocus
{
    public function __construct(
        private Focuses $focuses,
        private ShowFocus $show,
        private NamedAthlete $athletes,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function give(UuidV7 $id, FocusInput $input): bool
    {
        try {
            FaultTable::named($input->fault);
        } catch (UnknownFault $e) {
            throw BadField::of('fault', $input->fault, $e->accepted);
        }

        return $this->writes->run($id, Subject::of('give', 'focus', $id), $input, function () use ($id, $input): void {
            $athlete = $this->athletes->of($input->athleteId);
            $this->focuses->add(
                new Focus(
                    $this->scope->gymId(),
                    $id,
                    $athlete->id(),
                    $input->fault,
                    array_map(Sign::from(...), $input->signs),
                    $this->clock->now(),
                ),
            );
        });
    }

    public function takeOff(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'take off', fn (Focus $focus) => $focus->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', static fn (Focus $focus) => $focus->restore());
    }

    /**
     * @param callable(Focus): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'focus', $id),
            null,
            fn (): Focus => $this->focuses->get($id),
            $change,
            $this->show->view(...),
        );
    }
}
