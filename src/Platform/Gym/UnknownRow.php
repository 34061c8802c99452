<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

use Symfony\Component\Uid\Uuid;

/**
 * No such row in this gym. A row of another gym is told apart by nothing.
 */
final class UnknownRow extends \RuntimeException
{
    public static function of(string $kind, Uuid $id): self
    {
        return new self(\sprintf('There is no %s %s in this gym.', $kind, $id->toRfc4122()));
    }
}
