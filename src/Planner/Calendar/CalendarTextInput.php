<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A calendar file as text.
 */
final readonly class CalendarTextInput
{
    public function __construct(#[Assert\Length(min: 1, max: 500_000)] public string $text)
    {
    }
}
