<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Input;

use Symfony\Component\HttpKernel\Attribute\MapQueryString;

/**
 * The address's query as a validated input DTO; all its fields are optional, unknown ones are refused by name.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class FromQuery extends MapQueryString
{
    public function __construct()
    {
        parent::__construct(serializationContext: ['allow_extra_attributes' => false], validationFailedStatusCode: 422);
    }
}
