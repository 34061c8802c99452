<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\Core\Body\Caution;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;

final readonly class CautionView
{
    private function __construct(public Caution $code, public bool $stopsJumping, public string $sentence)
    {
    }

    public static function of(Caution $caution): self
    {
        return new self(
            $caution,
            $caution->stopsJumping(),
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($caution->advice()),
        );
    }
}
