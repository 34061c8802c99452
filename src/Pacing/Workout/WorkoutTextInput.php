<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A workout as text.
 */
final readonly class WorkoutTextInput
{
    public const LONGEST = 2000;

    public function __construct(#[Assert\Length(max: self::LONGEST)] public string $text = '')
    {
    }
}
