<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Input;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;

/**
 * The request's JSON body as a validated input DTO; unknown fields are refused by name.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class FromBody extends MapRequestPayload
{
    public function __construct()
    {
        parent::__construct(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false]);
    }
}
