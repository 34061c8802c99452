<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

/**
 * A write came before under this id: nothing is to be written, so that its transaction is taken back and raises no revision.
 */
final class AlreadyWritten extends \RuntimeException
{
    private function __construct(public readonly int $revision)
    {
        parent::__construct(\sprintf('it was written at revision %d', $revision));
    }

    /** @param int $revision that the gym had with it */
    public static function at(int $revision): self
    {
        return new self($revision);
    }
}
