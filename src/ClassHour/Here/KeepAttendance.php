<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Here;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\AthleteProfile;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Attendances;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\App\Shared\People\NewAthlete;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Today\AttendanceMark;

/**
 * Notes who is in the hall tonight, guests among them; each write once.
 */
final readonly class KeepAttendance
{
    public function __construct(
        private Attendances $attendances,
        private Athletes $athletes,
        private NewAthlete $newcomer,
        private NamedAthlete $named,
        private CoachName $name,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private ClockInterface $clock,
    ) {
    }

    public function mark(UuidV7 $id, MarkInput $input): void
    {
        $this->writes->run($id, Subject::of('mark', 'athlete', $id), $input, fn () => $this->attendances->mark(
            $id,
            $this->named->of($input->athleteId)->id(),
            $this->today(),
            AttendanceMark::from($input->mark),
            $this->clock->now(),
            $this->name->ofCurrent(),
        ));
    }

    /** A name and a height are enough; everything else can wait. */
    public function addGuest(UuidV7 $id, GuestInput $input): bool
    {
        return $this->writes->run($id, Subject::of('add guest', 'athlete', $id), $input, function () use ($id, $input): void {
            $profile = new AthleteProfile(trim($input->name), $input->heightM(), DominantHand::Right, Experience::None, null, false);
            $this->newcomer->add($id, $profile, $this->today())->comesAsGuest($this->today());
        });
    }

    /**
     * A guest stays for good; also one who has gone home already.
     *
     * @throws UnknownRow when there is no such athlete
     */
    public function join(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('join', 'athlete', $id),
            null,
            fn (): Athlete => $this->athletes->get($id),
            static fn (Athlete $guest) => $guest->joins(),
            static fn (Athlete $guest): GuestView => GuestView::of($guest),
        );
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }
}
