<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Clock\HallTime;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Shared\Access\FewFromOneAddress;

/**
 * What athletes' phones ask: the time, and the clock of the class they hold a link to. Open to anybody: the link's secret is
 * the guard, sent in the body so that no log has it.
 */
final readonly class ClassLinkController
{
    public function __construct(
        private ShowClock $show,
        private GymScope $scope,
        private HallTime $time,
        private FewFromOneAddress $few,
    ) {
    }

    #[Route('/api/time', methods: ['GET'])]
    #[Answers(TimeView::class, says: 'The server\'s clock in milliseconds, for screens that show one time.')]
    public function time(): TimeView
    {
        return new TimeView($this->time->nowMs());
    }

    #[Route('/api/class-link', methods: ['POST'])]
    #[Answers(ClassClockView::class, says: 'The clock of the class for whoever holds its link: first names only.')]
    public function look(#[FromBody] ClassLinkInput $input, Request $request): ClassClockView
    {
        // Whoever is signed in to another gym may hold a link to this one.
        $this->scope->leave();
        $this->scope->enter($input->gym());
        try {
            return $this->show->toAthletes($input);
        } catch (ClassIsOver $e) {
            // Fourteen phones ask behind one address; only what is wrong is counted.
            $this->few->count($request);
            throw $e;
        }
    }
}
