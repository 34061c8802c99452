<?php

declare(strict_types=1);

namespace Zumbo\App\Health;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Why a coach lets somebody jump again.
 */
final readonly class ClearInput
{
    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 500)] public string $note,
    ) {
    }
}
