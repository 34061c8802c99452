<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\People;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\AthleteProfile;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\AthleteTags;
use Zumbo\App\Entity\People\GivenTags;
use Zumbo\App\Entity\People\Statures;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Adds somebody to the current gym: at the first stage of what they came with, with letters of their own, and with the first
 * reading of their height. In the caller's transaction.
 */
final readonly class NewAthlete
{
    public function __construct(
        private Athletes $athletes,
        private AthleteTags $tags,
        private Statures $statures,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** What is given already, for whoever adds many. */
    public function tags(): GivenTags
    {
        return $this->tags->given();
    }

    /**
     * @param \DateTimeImmutable $measuredOn local day
     * @param GivenTags|null     $given      null: looked up
     */
    public function add(Uuid $id, AthleteProfile $profile, \DateTimeImmutable $measuredOn, ?GivenTags $given = null): Athlete
    {
        $athlete = new Athlete(
            $this->scope->gymId(),
            $id,
            $profile,
            $profile->experience->firstStage(),
            $this->clock->now(),
            null === $given ? $this->tags->free($profile->name) : $given->keptOr('', $id, $profile->name),
        );
        $this->athletes->add($athlete);
        $this->statures->note($id, $measuredOn, $profile->statureM);

        return $athlete;
    }
}
