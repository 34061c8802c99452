<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Here;

use Zumbo\App\Entity\People\Athlete;

/**
 * Somebody who came along for an evening.
 */
final readonly class GuestView
{
    private function __construct(
        public string $id,
        public string $name,
        /** Local day; null: they have joined. */
        public ?string $guestOn,
        public int $version,
    ) {
    }

    public static function of(Athlete $guest): self
    {
        return new self(
            $guest->id()->toRfc4122(),
            $guest->profile()->name,
            $guest->guestOn()?->format('Y-m-d'),
            $guest->version(),
        );
    }
}
