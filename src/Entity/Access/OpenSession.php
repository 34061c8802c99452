<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

use Symfony\Component\Uid\Uuid;

/**
 * A session that goes on: where it began, and when it was used last (to five minutes).
 */
final readonly class OpenSession
{
    public function __construct(
        public Uuid $id,
        public string $sessionId,
        public string $device,
        public \DateTimeImmutable $signedInAt,
        public \DateTimeImmutable $usedAt,
    ) {
    }
}
