<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

use Doctrine\ORM\Mapping as ORM;

/**
 * A row that carries a version and can be removed and brought back: nothing is ever lost.
 */
trait Removable
{
    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    public function version(): int
    {
        return $this->version;
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }

    public function remove(\DateTimeImmutable $now): void
    {
        $this->removedAt = $now;
    }

    public function restore(): void
    {
        $this->removedAt = null;
    }
}
