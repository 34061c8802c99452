<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Zumbo\App\Pacing\Choice\ChosenWayView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Pacing\Scale\Scaling;

/**
 * The workout for one of the class.
 */
final readonly class ClassRowView
{
    /**
     * @param list<int> $plan sets of the first doubles; none: no set is planned
     */
    public function __construct(
        public string $athleteId,
        public string $name,
        public int $stageNumber,
        /** Why not today; null: they may jump. */
        public ?SentenceView $notToday,
        /** Of getting stuck in all of it. */
        public float $stuck,
        public array $plan,
        /** All of it. */
        public float $expectedS,
        public float $p10S,
        public float $p90S,
        public ?float $chanceInCap,
        /** Null: nothing of it fits today. */
        public ?Scaling $recommended,
        public ?SentenceView $why,
        /** As the coach has chosen, else as recommended. */
        public float $scaledS,
        public int $scaledDoubles,
        public int $scaledContacts,
        public string $scaledText,
        public ?LevelView $level,
        public ?ChosenWayView $chosen,
    ) {
    }
}
