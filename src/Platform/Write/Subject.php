<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Symfony\Component\Uid\Uuid;

/**
 * What a write is about: the verb, the kind of row, and which.
 */
final readonly class Subject
{
    private function __construct(public string $verb, public string $kind, public Uuid $id)
    {
    }

    public static function of(string $verb, string $kind, Uuid $id): self
    {
        return new self($verb, $kind, $id);
    }

    public function __toString(): string
    {
        return \sprintf('%s %s %s', $this->verb, $this->kind, $this->id->toRfc4122());
    }
}
