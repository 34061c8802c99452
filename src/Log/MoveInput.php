<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * To whom an entry belongs in truth.
 */
final readonly class MoveInput
{
    public function __construct(#[Assert\Uuid(versions: [7])] public string $athleteId)
    {
    }
}
