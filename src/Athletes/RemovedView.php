<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Entity\People\Athlete;

/**
 * Somebody who was removed and can be brought back.
 */
final readonly class RemovedView
{
    private function __construct(
        public string $id,
        public string $name,
        /** When; three months later they are forgotten, guests after two weeks. */
        public string $removedAt,
        /** Came along for one evening. */
        public bool $guest,
        public int $version,
    ) {
    }

    public static function of(Athlete $athlete): self
    {
        return new self(
            $athlete->id()->toRfc4122(),
            $athlete->profile()->name,
            $athlete->removedAt()?->format(\DATE_ATOM) ?? '',
            null !== $athlete->guestOn(),
            $athlete->version(),
        );
    }
}
