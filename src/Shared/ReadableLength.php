<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Symfony\Component\Validator\Constraint;
use Zumbo\App\Platform\Input\SaysAcceptedForm;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Measure\Quantity;

/**
 * A length as a coach types it: `175`, `175 cm`, `1.75 m`, `5'9"`, `5 ft 9`.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class ReadableLength extends Constraint implements SaysAcceptedForm
{
    public readonly LengthRange $range;

    /**
     * @param string|null $name       in messages; null: the quantity's own
     * @param bool        $mayBeEmpty where nothing means that it is not known
     */
    public function __construct(Quantity $quantity, ?string $name = null, public readonly bool $mayBeEmpty = false)
    {
        parent::__construct();
        $this->range = null === $name ? $quantity->range() : $quantity->range()->named($name);
    }
}
