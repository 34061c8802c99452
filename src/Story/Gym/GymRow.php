<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\App\Shared\Outlook\StageOutlook;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Story\LoadWeek;
use Zumbo\Core\Story\Moving;
use Zumbo\Core\Today\RopeAction;

/**
 * One athlete as the months of a gym see them.
 */
final readonly class GymRow
{
    public function __construct(
        public Judged $judged,
        public StageOutlook $outlook,
        public Moving $moving,
        /** Chance of passing the gate four weeks ago; null: not known, or no gate. */
        public ?float $chanceBefore,
        /** The furthest stage twelve weeks ago; null: nothing was logged then. */
        public ?Stage $stageBefore,
        /** First local day with a practice of the stage; null: none yet. */
        public ?\DateTimeImmutable $since,
        /** Of the stage, within four weeks. */
        public int $practices,
        /** Last local day with a practice; null: none yet. */
        public ?\DateTimeImmutable $last,
        public ?int $daysAway,
        public LoadWeek $week,
    ) {
    }

    /** Trimmed, let out, sized anew or bought. */
    public function ropeToChange(): bool
    {
        return !\in_array($this->judged->today->rope->next->action, [RopeAction::Keep, RopeAction::AskHandles], true);
    }

    public function name(): string
    {
        return $this->judged->athlete->profile()->name;
    }

    public function id(): string
    {
        return $this->judged->athlete->id()->toRfc4122();
    }
}
