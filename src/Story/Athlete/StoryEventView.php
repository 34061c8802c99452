<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * One mark on the axis of the story.
 */
final readonly class StoryEventView
{
    private function __construct(public string $day, public StoryEvent $kind, public string $text)
    {
    }

    public static function of(\DateTimeImmutable $day, StoryEvent $kind, Verdict $said, LengthUnit $unit): self
    {
        return new self($day->format('Y-m-d'), $kind, MessageCatalogue::in($unit)->sentence($said));
    }
}
