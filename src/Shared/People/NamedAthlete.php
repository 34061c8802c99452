<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\People;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;

/**
 * The athlete a body's `athleteId` names.
 */
final readonly class NamedAthlete
{
    public function __construct(private Athletes $athletes)
    {
    }

    /** @throws BadField when this gym has none of that id */
    public function of(string $athleteId): Athlete
    {
        $athlete = Uuid::isValid($athleteId) ? $this->athletes->find(Uuid::fromString($athleteId)) : null;

        return $athlete ?? throw BadField::of('athleteId', $athleteId, 'the id of an athlete of this gym');
    }
}
