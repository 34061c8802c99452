<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Stage\Stage;

/**
 * The next four weeks of one athlete, in a row.
 */
final readonly class WeeksRowView
{
    /**
     * @param list<PlannedWeekView> $weeks
     * @param list<SentenceView>    $changes since they were accepted, the gravest first
     */
    public function __construct(
        public string $athleteId,
        public string $name,
        public Stage $stage,
        public string $stageName,
        public array $weeks,
        /** What comes next with the rope, once the gate holds; null: it stays. */
        public ?string $rope,
        public array $changes,
        /** Null: nobody has accepted them. */
        public ?string $acceptedBy,
        public ?string $acceptedAt,
    ) {
    }
}
