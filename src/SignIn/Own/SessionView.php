<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn\Own;

use Zumbo\App\Entity\Access\OpenSession;

/**
 * Where one is signed in.
 */
final readonly class SessionView
{
    private function __construct(
        public string $id,
        public string $device,
        public string $signedInAt,
        /** To five minutes. */
        public string $usedAt,
        /** The one that asks. */
        public bool $here,
    ) {
    }

    public static function of(OpenSession $session, string $asking): self
    {
        return new self(
            $session->id->toRfc4122(),
            $session->device,
            $session->signedInAt->format(\DATE_ATOM),
            $session->usedAt->format(\DATE_ATOM),
            $session->sessionId === $asking,
        );
    }
}
