<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

use Symfony\Component\Uid\Uuid;

/**
 * A row whose changes are written down: who, when, what stood there before and what after.
 */
interface Trailed
{
    public function id(): Uuid;

    /** What it is called; nothing: it is known by whose it is. */
    public function trailName(): string;
}
