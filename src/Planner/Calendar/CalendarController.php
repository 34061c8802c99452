<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\Access\FewFromOneAddress;

/**
 * Calendar files, and the private addresses under which calendars fetch them.
 */
final readonly class CalendarController
{
    private const TYPE = 'text/calendar; charset=utf-8';

    public function __construct(
        private WriteCalendar $write,
        private KeepCalendarLinks $links,
        private ReadClassTimes $read,
        private GymScope $scope,
        private FewFromOneAddress $few,
    ) {
    }

    #[Route('/api/calendar.ics', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'text/calendar', says: 'The classes of the gym as a calendar file.')]
    public function gym(): Response
    {
        return self::file($this->write->ofTheGym(), 'classes.ics');
    }

    #[Route('/api/athletes/{id}/calendar.ics', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'text/calendar', says: 'The next four weeks of an athlete as a calendar file.')]
    public function athlete(UuidV7 $id): Response
    {
        return self::file($this->write->ofAthlete($id), 'four-weeks.ics');
    }

    #[Route('/api/calendar-links', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CalendarLinksView::class, says: 'The private addresses under which calendars fetch the gym\'s plans.')]
    public function all(): CalendarLinksView
    {
        return $this->links->all();
    }

    #[Route('/api/calendar-links/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CalendarLinksView::class, says: 'Makes a private calendar address, of the gym\'s classes or of an athlete\'s days.')]
    public function make(UuidV7 $id, #[FromBody] CalendarLinkInput $input): CalendarLinksView
    {
        $this->links->make($id, $input);

        return $this->links->all();
    }

    #[Route('/api/calendar-links/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CalendarLinksView::class, says: 'Takes a private calendar address back: it is dead at once.')]
    public function takeBack(UuidV7 $id, WriteCondition $condition): CalendarLinksView
    {
        $this->links->takeBack($id, $condition);

        return $this->links->all();
    }

    #[Route('/api/class-times', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(ClassTimesReadView::class, says: 'Reads the weekly classes out of a calendar file; keeps nothing.')]
    public function read(#[FromBody] CalendarTextInput $input): ClassTimesReadView
    {
        return $this->read->of($input->text);
    }

    /** Calendars ask again and again, without a session: what is in the address is the guard. */
    #[Route('/api/calendars/{gym}/{id}/{secret}.ics', requirements: ['secret' => '[A-Za-z0-9_-]{22,64}'], methods: ['GET'])]
    #[Answers(null, file: 'text/calendar', says: 'A calendar for whoever has its private address.')]
    public function byAddress(UuidV7 $gym, UuidV7 $id, string $secret, Request $request): Response
    {
        $this->scope->leave();
        $this->scope->enter($gym);
        $link = $this->links->held($id, $secret);
        if (null === $link) {
            $this->few->count($request);

            throw UnknownRow::of('calendar address', $id);
        }
        $athlete = $link->athleteId();
        $text = null === $athlete ? $this->write->ofTheGym() : $this->write->ofAthlete($athlete);

        return self::file($text, 'zumbo.ics');
    }

    private static function file(string $text, string $name): Response
    {
        return new Response($text, 200, [
            'Content-Type' => self::TYPE,
            'Content-Disposition' => \sprintf('attachment; filename="%s"', $name),
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
