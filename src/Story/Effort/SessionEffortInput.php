<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Effort;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Load\SessionRating;

/**
 * How hard a session felt, as a coach writes it down.
 */
final readonly class SessionEffortInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        /** Local day of the session, like 2026-11-24. */
        #[Assert\NotBlank] #[Assert\Date] public string $on,
        /** From 0, none at all, to 10, the hardest there is. */
        #[Assert\Range(min: 0, max: SessionRating::HARDEST)] public int $effort,
        #[Assert\Range(min: 1, max: SessionRating::LONGEST_MIN)] public int $minutes,
    ) {
    }

    public function day(): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->on.' 00:00:00', new \DateTimeZone('UTC'));
    }
}
