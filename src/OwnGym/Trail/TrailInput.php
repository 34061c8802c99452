<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Trail;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * Which part of the trail.
 */
final readonly class TrailInput
{
    public function __construct(
        /** A line's id: what came before it; left out: the newest. */
        #[Assert\Uuid(versions: [7])] public ?string $before = null,
        /** Only what was done to this athlete and what is theirs. */
        #[Assert\Uuid(versions: [7])] public ?string $athlete = null,
    ) {
    }

    public function before(): ?Uuid
    {
        return null === $this->before ? null : Uuid::fromString($this->before);
    }

    public function athlete(): ?Uuid
    {
        return null === $this->athlete ? null : Uuid::fromString($this->athlete);
    }
}
