<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Here;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Today\AttendanceMark;

/**
 * What is said of somebody tonight.
 */
final readonly class MarkInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[OneOf(AttendanceMark::class)] public string $mark,
    ) {
    }
}
