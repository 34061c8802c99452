<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\Here\AbsentView;
use Zumbo\App\Shared\SentenceView;

/**
 * Tonight.
 */
final readonly class ClassView
{
    /**
     * @param list<StationView>      $stations from the door inward
     * @param list<ClassAthleteView> $athletes by stage, then by name
     * @param list<AbsentView>       $absent   who is not in the hall, by name
     * @param list<AttemptView>      $justNow  of today, the newest first
     */
    public function __construct(
        public SentenceView $title,
        /** Local day, like 2026-11-24. */
        public string $day,
        /** The class in the calendar; null when none is planned today. */
        public ?string $className,
        public array $stations,
        public array $athletes,
        public array $absent,
        public array $justNow,
        /** @var list<GroupDrillView> the fault that most share first */
        public array $groups,
        /** The revision this was read at, for the change feed. */
        public int $revision,
    ) {
    }
}
