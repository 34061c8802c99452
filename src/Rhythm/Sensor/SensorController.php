<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The stand-in of a rope and floor sensor; what it measures comes through the live channel while it runs.
 */
#[Route('/api/sensor/{id}')]
final readonly class SensorController
{
    public function __construct(private StartSensor $sensor)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SensorRunView::class, says: 'A run of the simulated sensor, as far as it has come.')]
    public function one(UuidV7 $id): SensorRunView
    {
        return SensorRunView::of($this->sensor->get($id));
    }

    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SensorRunView::class, creates: true, tells: SensorEvent::class, says: 'Starts the simulated sensor.')]
    public function start(UuidV7 $id, #[FromBody] SensorInput $input): Created
    {
        $new = $this->sensor->start($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SensorRunView::class, says: 'Stops the simulated sensor.')]
    public function stop(UuidV7 $id, WriteCondition $condition): SensorRunView
    {
        $this->sensor->stop($id, $condition);

        return $this->one($id);
    }
}
