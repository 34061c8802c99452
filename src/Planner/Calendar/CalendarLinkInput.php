<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Access\LinkSecret;

/**
 * A private calendar address: its secret is made by the device that hands it out.
 */
final readonly class CalendarLinkInput
{
    public function __construct(
        #[\SensitiveParameter]
        #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)]
        public string $secret,
        /** Null: the classes of the gym. */
        #[Assert\Uuid] public ?string $athleteId = null,
    ) {
    }

    public function athlete(): ?Uuid
    {
        return null === $this->athleteId ? null : Uuid::fromString($this->athleteId);
    }
}
