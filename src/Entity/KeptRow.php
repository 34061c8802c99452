<?php

declare(strict_types=1);

namespace Zumbo\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/**
 * A row of a gym that carries a version and can be removed and brought back: nothing is ever lost.
 */
trait KeptRow
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $gymId;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }

    /** Null: it is not. */
    public function removedAt(): ?\DateTimeImmutable
    {
        return $this->removedAt;
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
