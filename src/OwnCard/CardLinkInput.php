<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Access\LinkSecret;

/**
 * What an own card's link holds behind its `#`, which browsers never send on by themselves.
 */
final readonly class CardLinkInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $gym,
        #[Assert\Uuid(versions: [7])] public string $card,
        #[\SensitiveParameter]
        #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)]
        public string $secret,
    ) {
    }

    public function gym(): Uuid
    {
        return Uuid::fromString($this->gym);
    }

    public function card(): Uuid
    {
        return Uuid::fromString($this->card);
    }
}
