<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Floor;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Evening\HallSpot;
use Zumbo\App\Entity\Evening\HallSpots;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Platform\Write\VersionConflict;

/**
 * Puts somebody to a place in the hall, or lets everybody stand where there is room; each touch once.
 */
final readonly class PutPeople
{
    private const KIND = 'floor';

    public function __construct(
        private HallSpots $spots,
        private ShowFloor $show,
        private Athletes $athletes,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @throws VersionConflict when another coach has put them somewhere since */
    public function put(UuidV7 $athlete, SpotInput $input, WriteCondition $condition): void
    {
        $subject = Subject::of('put', self::KIND, $athlete);
        $this->writes->run($condition->mutationId, $subject, $input, function () use ($athlete, $input, $condition): void {
            $row = $this->spots->find($athlete);
            $version = $row?->version() ?? 0;
            if ($version !== $condition->versionSeen) {
                throw VersionConflict::between($condition->versionSeen, $version, $this->show->tonight());
            }
            if (null === $row) {
                $this->spots->add(new HallSpot($this->scope->gymId(), $this->athletes->get($athlete)->id(), $input->spot()));
            } else {
                $row->move($input->spot());
            }
        });
    }

    /** Nobody stands where they were put any more. */
    public function arrange(UuidV7 $id): void
    {
        $this->writes->run($id, Subject::of('arrange', self::KIND, $id), null, function (): void {
            foreach ($this->spots->all() as $spot) {
                $spot->remove($this->clock->now());
            }
        });
    }
}
