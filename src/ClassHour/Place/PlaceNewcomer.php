<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Place;

use Symfony\Component\Uid\UuidV7;
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
    public function __construct(private NamedAthlete $athletes, private JudgeToday $judge, private IdempotentWrite $writes)
    {
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
            if (!$this->judge->athlete($athlete)->today->allowance->offersJumps()) {
                throw BadField::of('athleteId', $input->athleteId, 'somebody who may jump today');
            }
            $athlete->moveTo(Placement::of($input->seen())->stage);
        });
    }
}
