<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;

/**
 * A rope that is looked at before somebody jumps with it.
 */
trait InspectedRope
{
    #[ORM\Embedded(class: Inspection::class, columnPrefix: false)]
    private Inspection $inspection;

    public function inspection(): Inspection
    {
        return $this->inspection;
    }

    public function inspect(Inspection $inspection): void
    {
        $this->inspection = $inspection;
    }
}
