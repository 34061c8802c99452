<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard;

use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Zumbo\App\Entity\Card\AthleteCards;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Shared\Access\FewFromOneAddress;

/**
 * Opens an athlete's own card by its link. Nobody is signed in: the link names the gym, and its secret is the only proof.
 */
final readonly class OpenCard
{
    public function __construct(
        private AthleteCards $cards,
        private Athletes $athletes,
        private GymScope $scope,
        private FewFromOneAddress $few,
        private ClockInterface $clock,
    ) {
    }

    /** @throws DeadCard when it opens nothing, or has ended */
    public function now(CardLinkInput $link, Request $request): HeldCard
    {
        return $this->held($link, $request)->orRefuseAt($this->clock->now());
    }

    /**
     * Ended or not: what was made before it did still counts.
     *
     * @throws DeadCard when it opens nothing
     */
    public function held(CardLinkInput $link, Request $request): HeldCard
    {
        // Whoever is signed in to another gym may hold a link to this one.
        $this->scope->leave();
        $this->scope->enter($link->gym());
        $card = $this->cards->find($link->card());
        if (null === $card || !$card->isOpenedBy($link->secret)) {
            // Fourteen phones ask behind one address; only what is wrong is counted.
            $this->few->count($request);
            throw DeadCard::unknown();
        }
        $athlete = $this->athletes->find($card->athleteId());
        if (null === $athlete || $athlete->isRemoved()) {
            throw DeadCard::ended();
        }

        return new HeldCard($card, $athlete);
    }
}
