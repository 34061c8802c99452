<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

/**
 * What an action takes when its body is a file and no DTO, for the API description.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Takes
{
    /** @var list<string> media types */
    public array $types;

    public function __construct(string ...$types)
    {
        $this->types = array_values($types);
    }
}
