<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A drill of which reps and misses are counted.
 */
final readonly class CountedDrillView
{
    private function __construct(public string $code, public string $title, public string $stageName)
    {
    }

    /**
     * @return list<self> in the order of the stages
     */
    public static function all(): array
    {
        return array_map(
            static fn (Drill $drill): self => new self($drill->code, $drill->title, MessageCatalogue::name(Term::of($drill->stage))),
            self::counted(),
        );
    }

    /** Null: there is none, or seconds are counted in it. */
    public static function named(?string $code): ?Drill
    {
        foreach (self::counted() as $drill) {
            if ($drill->code === $code) {
                return $drill;
            }
        }

        return null;
    }

    /**
     * @return list<Drill>
     */
    private static function counted(): array
    {
        $drills = array_map(DrillTable::named(...), DrillTable::codes());

        return array_values(array_filter($drills, static fn (Drill $drill): bool => CountKind::Hold !== $drill->countKind));
    }
}
