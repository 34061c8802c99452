<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Describe;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Addresses whose bodies no DTO describes: whoever serves them says what they look like.
 */
#[AutoconfigureTag('zumbo.described_paths')]
interface DescribesPaths
{
    /**
     * @return array<string, array<string, mixed>> path → method → OpenAPI operation
     */
    public function paths(): array;
}
