<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * What a link holds behind its `#`, which browsers never send on by themselves.
 */
final readonly class LinkInput
{
    /** 128 bits and more, as base64url. */
    public const SECRET = '/^[A-Za-z0-9_-]{22,64}$/';
    public const SECRET_FORM = '22 to 64 letters and digits that chance has made';

    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $gym,
        #[Assert\Uuid(versions: [7])] public string $id,
        #[\SensitiveParameter] #[Assert\Regex(self::SECRET, message: self::SECRET_FORM)] public string $secret,
    ) {
    }

    public function gym(): Uuid
    {
        return Uuid::fromString($this->gym);
    }

    public function id(): Uuid
    {
        return Uuid::fromString($this->id);
    }
}
