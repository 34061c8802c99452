<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Evening\ClassClocks;
use Zumbo\App\Entity\Evening\ClassEnd;
use Zumbo\App\Entity\Evening\ClassEnds;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;

/**
 * Confirms with one touch that the class is over and looked over: its clock ends, and the athletes' link with it.
 */
final readonly class EndClass
{
    public function __construct(
        private ClassEnds $ends,
        private ClassClocks $clocks,
        private Gyms $gyms,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    public function confirm(UuidV7 $id): void
    {
        $this->writes->run($id, Subject::of('confirm', 'clock', $id), null, function () use ($id): void {
            $now = $this->clock->now();
            $today = LocalDay::of($now, $this->gyms->current()->timeZone());
            $this->ends->add(new ClassEnd($this->scope->gymId(), $id, $today, $this->name->ofCurrent(), $now));
            $this->clocks->open($today)?->remove($now);
        });
    }
}
