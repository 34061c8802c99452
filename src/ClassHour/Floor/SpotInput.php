<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Floor;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Hall\Room;
use Zumbo\Core\Hall\Spot;

/**
 * Where somebody is put: metres from the left wall and from the front.
 */
final readonly class SpotInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: Room::MOST_M)] public float $xM,
        #[Assert\Range(min: 0, max: Room::MOST_M)] public float $yM,
    ) {
    }

    public function spot(): Spot
    {
        return new Spot(round($this->xM, 3), round($this->yM, 3));
    }
}
