<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Entity\People\FocusGo;
use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\Core\Fault\CueOutcome;

/**
 * Logs what came of a go under a cue, takes it back, and undoes that; each write once.
 */
final readonly class LogGo
{
    public function __construct(
        private Focuses $focuses,
        private FocusGoes $goes,
        private ShowFocus $show,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function log(UuidV7 $id, GoInput $input): bool
    {
        return $this->writes->run($id, Subject::of('log', 'go', $id), $input, function () use ($id, $input): void {
            $focus = $this->focus($input->focusId);
            $this->goes->add(new FocusGo(
                $this->scope->gymId(),
                $id,
                $focus->id(),
                $focus->athleteId(),
                $focus->toCore()->code,
                $this->show->view($focus)->cue->cue,
                CueOutcome::from($input->outcome),
                $this->clock->now(),
            ));
        });
    }

    public function one(Uuid $id): GoView
    {
        return $this->view($this->goes->get($id));
    }

    public function takeBack(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'take back', fn (FocusGo $go) => $go->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', static fn (FocusGo $go) => $go->restore());
    }

    private function view(FocusGo $go): GoView
    {
        return GoView::of($go, $this->show->one($go->focusId()));
    }

    private function focus(string $id): Focus
    {
        try {
            $focus = $this->focuses->get(Uuid::fromString($id));
        } catch (UnknownRow) {
            throw BadField::of('focusId', $id, 'a focus of this gym');
        }

        return $focus->isRemoved() ? throw BadField::of('focusId', $id, 'a focus that is worked on') : $focus;
    }

    /**
     * @param callable(FocusGo): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'go', $id),
            null,
            fn (): FocusGo => $this->goes->get($id),
            $change,
            $this->view(...),
        );
    }
}
