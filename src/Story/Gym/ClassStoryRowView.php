<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Story\Moving;

/**
 * One athlete in the months of the class.
 */
final readonly class ClassStoryRowView
{
    private function __construct(
        public string $id,
        public string $name,
        public Stage $stage,
        public string $stageName,
        /** 1 to 10. */
        public int $place,
        /** Twelve weeks ago; null: not here then. */
        public ?int $placeBefore,
        public Moving $moving,
        public string $movingName,
        /** Local day of the first practice at the stage; null: none yet. */
        public ?string $since,
        /** Practices of the stage in four weeks. */
        public int $practices,
        /** Of passing the gate, now and four weeks ago; null: no gate, or not known. */
        public ?float $chance,
        public ?float $chanceBefore,
        /** Null: keep it. */
        public ?string $rope,
        public int $contacts,
        public int $most,
        public bool $over,
        public ?int $daysAway,
    ) {
    }

    public static function of(GymRow $row): self
    {
        $stage = $row->judged->athlete->stage();
        $next = $row->judged->today->rope->next->action;

        return new self(
            $row->id(),
            $row->name(),
            $stage,
            MessageCatalogue::name(Term::of($stage)),
            $stage->number(),
            $row->stageBefore?->number(),
            $row->moving,
            MessageCatalogue::name(Term::of($row->moving)),
            $row->since?->format('Y-m-d'),
            $row->practices,
            $row->outlook->gate?->chance,
            $row->chanceBefore,
            $row->ropeToChange() ? MessageCatalogue::name(Term::of($next)) : null,
            $row->week->contacts,
            $row->week->most,
            $row->week->isOver(),
            $row->daysAway,
        );
    }
}
