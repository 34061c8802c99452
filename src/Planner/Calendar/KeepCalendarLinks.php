<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Plan\CalendarLink;
use Zumbo\App\Entity\Plan\CalendarLinks;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;

/**
 * Makes private calendar addresses and takes them back.
 */
final readonly class KeepCalendarLinks
{
    private const KIND = 'calendar';

    public function __construct(
        private CalendarLinks $links,
        private Athletes $athletes,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    public function all(): CalendarLinksView
    {
        $gym = $this->scope->gymId()->toRfc4122();
        $names = [];
        foreach ($this->athletes->present() as $athlete) {
            $names[$athlete->id()->toRfc4122()] = $athlete->profile()->name;
        }
        $views = [];
        foreach ($this->links->all() as $link) {
            $athlete = $link->athleteId()?->toRfc4122();
            if (null === $athlete || isset($names[$athlete])) {
                $views[] = new CalendarLinkView(
                    $link->id()->toRfc4122(),
                    $link->version(),
                    $athlete,
                    null === $athlete ? 'Classes' : $names[$athlete],
                    \sprintf('/api/calendars/%s/%s/%s.ics', $gym, $link->id()->toRfc4122(), $link->secret()),
                    $link->madeBy(),
                    $link->madeAt()->format(\DateTimeInterface::ATOM),
                );
            }
        }

        return new CalendarLinksView($views);
    }

    /** @throws UnknownRow when this gym has no such athlete */
    public function make(UuidV7 $id, CalendarLinkInput $input): void
    {
        $this->writes->run($id, Subject::of('make', self::KIND, $id), $input, function () use ($id, $input): void {
            $athlete = $input->athlete();
            if (null !== $athlete) {
                $this->athletes->get($athlete);
            }
            $this->links->add(new CalendarLink(
                $this->scope->gymId(),
                $id,
                $athlete,
                $input->secret,
                $this->name->ofCurrent(),
                $this->clock->now(),
            ));
        });
    }

    public function takeBack(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('take-back', self::KIND, $id),
            null,
            fn (): CalendarLink => $this->links->get($id),
            fn (CalendarLink $link) => $link->remove($this->clock->now()),
            fn (): CalendarLinksView => $this->all(),
        );
    }

    /** Null: there is none, it was taken back, or the secret is another. */
    public function held(UuidV7 $id, string $secret): ?CalendarLink
    {
        $link = $this->links->find($id);
        $athlete = $link?->athleteId();
        if (null === $link || $link->isRemoved() || !hash_equals($link->secret(), $secret)) {
            return null;
        }

        return null === $athlete || false === $this->athletes->find($athlete)?->isRemoved() ? $link : null;
    }
}
