<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Here;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;

/**
 * Somebody who came along for an evening.
 */
final readonly class GuestInput
{
    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 80)] public string $name,
        #[ReadableLength(Quantity::Stature)] public string $height,
    ) {
    }

    public function heightM(): float
    {
        return LengthParser::parse($this->height, Quantity::Stature->range())->metres();
    }
}
