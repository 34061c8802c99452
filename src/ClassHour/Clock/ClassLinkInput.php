<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Access\LinkSecret;

/**
 * What the athletes' link holds behind its `#`, which browsers never send on by themselves.
 */
final readonly class ClassLinkInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $gym,
        #[Assert\Uuid(versions: [7])] public string $clock,
        #[\SensitiveParameter]
        #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)]
        public string $secret,
    ) {
    }

    public function gym(): Uuid
    {
        return Uuid::fromString($this->gym);
    }

    public function clock(): Uuid
    {
        return Uuid::fromString($this->clock);
    }
}
