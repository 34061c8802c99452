<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Place;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Path\Placement;

/**
 * Puts a newcomer where two minutes showed them to be; once. Not those who may not jump today: nothing was seen of them.
 */
final readonly class PlaceNewcomer
{
    public function __construct(
        private NamedAthlete $athletes,
        private JudgeToday $judge,
        private IdempotentWrite $writes,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function seen(PlacementInput $input): Placement
    {
        return Placement::of($input->seen(), $this->gyms->current()->waysOf($this->athletes->of($input->athleteId)));
    }

    /**
     * @return bool true when they were placed now, false when the same request came before
     *
     * @throws BadField when they may not jump today
     */
    public function place(UuidV7 $id, PlacementInput $input): bool
    {
        return $this->writes->run($id, Subject::of('place', 'athlete', $id), $input, function () use ($input): void {
            $athlete = $this->athletes->of($input->athleteId);
            $judged = $this->judge->athlete($athlete);
            if (!$judged->today->allowance->offersJumps()) {
                throw BadField::of('athleteId', $input->athleteId, 'somebody who may jump today');
            }
            $athlete->placeAt(
                Placement::of($input->seen(), $judged->gates->ways)->stage,
                new \DateTimeImmutable($judged->dayOf($this->clock->now())),
            );
        });
    }
}
