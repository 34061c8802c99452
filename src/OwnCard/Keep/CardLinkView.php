<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Keep;

use Zumbo\App\Entity\Card\AthleteCard;
use Zumbo\App\Entity\Card\CardHolder;

/**
 * A link to an athlete's own card, as a coach sees it: not what opens it.
 */
final readonly class CardLinkView
{
    private function __construct(
        public string $id,
        public int $version,
        public CardHolder $holder,
        public string $madeBy,
        /** UTC, ISO 8601. */
        public string $madeAt,
        public string $expiresAt,
        public bool $expired,
    ) {
    }

    public static function of(AthleteCard $card, \DateTimeImmutable $now): self
    {
        return new self(
            $card->id()->toRfc4122(),
            $card->version(),
            $card->holder(),
            $card->madeBy(),
            $card->madeAt()->format('Y-m-d\TH:i:s\Z'),
            $card->expiresAt()->format('Y-m-d\TH:i:s\Z'),
            !$card->holdsAt($now),
        );
    }
}
