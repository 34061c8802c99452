<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Input;

/**
 * A constraint whose validator says itself what would have been right, in the violation's parameter `{{ accepted }}`.
 */
interface SaysAcceptedForm
{
    public const PARAMETER = '{{ accepted }}';
}
