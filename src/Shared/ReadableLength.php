<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Symfony\Component\Validator\Constraint;
use Zumbo\App\Platform\Input\SaysAcceptedForm;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthRange;

/**
 * A length as a coach types it: `175`, `175 cm`, `1.75 m`, `5'9"`, `5 ft 9`.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class ReadableLength extends Constraint implements SaysAcceptedForm
{
    public readonly LengthRange $range;

    public function __construct(string $quantity, float $leastM, float $mostM)
    {
        parent::__construct();
        $this->range = LengthRange::of($quantity, Length::ofMetres($leastM), Length::ofMetres($mostM));
    }
}
