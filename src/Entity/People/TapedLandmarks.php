<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;

/**
 * The heights a coach has taped on an athlete, in metres; null: estimated from stature.
 */
#[ORM\Embeddable]
class TapedLandmarks
{
    public function __construct(
        #[ORM\Column(name: 'taped_shoulder_m', type: 'float', nullable: true)] public readonly ?float $shoulderM = null,
        #[ORM\Column(name: 'taped_armpit_m', type: 'float', nullable: true)] public readonly ?float $armpitM = null,
        #[ORM\Column(name: 'taped_chest_m', type: 'float', nullable: true)] public readonly ?float $chestM = null,
        #[ORM\Column(name: 'taped_breastbone_m', type: 'float', nullable: true),]
        public readonly ?float $breastboneM = null,
    ) {
    }

    /**
     * @return array<string, float> by Landmark value
     */
    public function all(): array
    {
        return array_filter(
            [
                Landmark::Shoulder->value => $this->shoulderM,
                Landmark::Armpit->value => $this->armpitM,
                Landmark::Chest->value => $this->chestM,
                Landmark::Breastbone->value => $this->breastboneM,
            ],
            is_float(...),
        );
    }

    /** @throws OutOfRange when one is above the head or below the knee */
    public function on(Body $body): Body
    {
        foreach ($this->all() as $landmark => $metres) {
            $body = $body->withTaped(Landmark::from($landmark), Length::ofMetres($metres));
        }

        return $body;
    }
}
