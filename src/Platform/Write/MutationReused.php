<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * An id that came before with another body: two different things can't have one id.
 */
final class MutationReused extends \RuntimeException implements Refusal
{
    public static function of(Uuid $id): self
    {
        return new self(
            \sprintf('The id %s was used before with another content; a new change needs a new id.', $id->toRfc4122()),
        );
    }

    public function problem(): Problem
    {
        return Problem::of(409, 'Same id, another content', $this->getMessage());
    }
}
