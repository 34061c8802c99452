<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;

/**
 * How a gym comes to the length its athletes keep.
 */
final readonly class TrimSchoolInput
{
    public function __construct(
        #[OneOf(TrimSchool::class)] public string $trimSchool,
        /** What beginners and guests are sized by; left out: as it is. */
        #[OneOf(School::class)] public ?string $beginnersSchool = null,
    ) {
    }
}
