<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Export;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * Of whom; left out: the whole gym.
 */
final readonly class ExportInput
{
    public function __construct(#[Assert\Uuid(versions: [7])] public ?string $athlete = null)
    {
    }

    public function athlete(): ?Uuid
    {
        return null === $this->athlete ? null : Uuid::fromString($this->athlete);
    }
}
