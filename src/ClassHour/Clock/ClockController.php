<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Evening\ClassClocks;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The one clock of the class, for every coach's screen.
 */
#[Route('/api/class-clock')]
final readonly class ClockController
{
    public function __construct(private RunClock $run, private ShowClock $show, private ClassClocks $clocks)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RunningClockView::class, says: 'The clock of the class that runs now, with who does what.')]
    public function running(): RunningClockView
    {
        return $this->show->running();
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassClockView::class, creates: true, says: 'Starts the clock of the class.')]
    public function start(UuidV7 $id, #[FromBody] ClassClockInput $input): Created
    {
        $new = $this->run->start($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassClockView::class, says: 'Gives out anew who does what under the clock.')]
    public function share(UuidV7 $id, WriteCondition $condition, #[FromBody] ProgrammesInput $input): ClassClockView
    {
        $this->run->share($id, $input, $condition);

        return $this->one($id);
    }

    #[Route('/{id}/moves', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassClockView::class, says: 'Pauses the clock of the class, goes on, skips, adds or takes 30 s.')]
    public function move(UuidV7 $id, WriteCondition $condition, #[FromBody] ClockMoveInput $input): ClassClockView
    {
        $this->run->move($id, $input, $condition);

        return $this->one($id);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassClockView::class, says: 'Ends the clock of the class, and the athletes\' link with it.')]
    public function end(UuidV7 $id, WriteCondition $condition): ClassClockView
    {
        $this->run->end($id, $condition);

        return $this->one($id);
    }

    private function one(UuidV7 $id): ClassClockView
    {
        return $this->show->toCoaches($this->clocks->get($id));
    }
}
