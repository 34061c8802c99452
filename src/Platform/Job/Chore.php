<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Something that has to be seen to in every gym now and then, asked for by nobody.
 */
#[AutoconfigureTag('zumbo.chore')]
interface Chore
{
    /** In the gym that is entered. */
    public function doIt(): void;
}
