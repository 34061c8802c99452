<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\FaultsBySchool;
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
        private FocusGoes $goes,
        private Gyms $gyms,
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
        $fault = self::fault($input->fault);

        return $this->writes->run($id, Subject::of('give', 'focus', $id), $input, function () use ($id, $input, $fault): void {
            $athlete = $this->athletes->of($input->athleteId);
            $this->focuses->add(
                new Focus(
                    $this->scope->gymId(),
                    $id,
                    $athlete->id(),
                    $input->fault,
                    array_map(Sign::from(...), $input->signs),
                    $this->clock->now(),
                    $this->cue($fault, $input->cue, $athlete),
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

    private static function fault(string $code): Fault
    {
        try {
            $fault = FaultTable::named($code);
        } catch (UnknownFault $e) {
            throw BadField::of('fault', $code, $e->accepted);
        }

        return $fault->isOfTheRope() || $fault->isOfTheLoad()
            ? throw BadField::of('fault', $code, 'a fault of how they jump: the rope and the load are changed, not cued')
            : $fault;
    }

    private function cue(Fault $fault, string $said, Athlete $athlete): string
    {
        $ways = $this->gyms->current()->waysOf($athlete);
        $cues = FaultsBySchool::cues($fault, $ways);
        if ('' === $said) {
            return $this->goes->historyOf($athlete->id(), $this->clock->now())->cueFor($fault, $ways) ?? $cues[0] ?? '';
        }

        return \in_array($said, $cues, true) ? $said : throw BadField::of('cue', $said, 'one of '.implode('; ', $cues));
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
