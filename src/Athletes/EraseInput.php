<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * What can't be undone is asked for by name.
 */
final readonly class EraseInput
{
    public function __construct(
        /** The athlete's name, as it is written down. */
        #[Assert\Length(min: 1, max: 80)] public string $name,
    ) {
    }
}
