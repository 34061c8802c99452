<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Stage\Stage;

/**
 * Where on the path a coach puts an athlete.
 */
final readonly class StageInput
{
    public function __construct(#[OneOf(Stage::class)] public string $stage)
    {
    }
}
