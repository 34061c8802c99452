<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard;

use Zumbo\App\Entity\Card\AthleteCard;
use Zumbo\App\Entity\People\Athlete;

/**
 * A card that somebody holds the link to, ended or not, and whose it is.
 */
final readonly class HeldCard
{
    public function __construct(public AthleteCard $card, public Athlete $athlete)
    {
    }

    /** How the log names whoever writes on it. */
    public function writer(): string
    {
        return $this->athlete->profile()->name;
    }

    /** @throws DeadCard when it has ended */
    public function orRefuseAt(\DateTimeImmutable $instant): self
    {
        return $this->card->holdsAt($instant) ? $this : throw DeadCard::ended();
    }
}
