<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * A drill of which reps and misses are counted.
 */
final readonly class CountedDrillView
{
    private function __construct(public string $code, public string $title, public string $stageName)
    {
    }

    /**
     * @return list<self> what is worked through where one teaches so, in the order of the stages
     */
    public static function all(Ways $ways): array
    {
        $all = [];
        foreach (Stage::cases() as $stage) {
            foreach ($ways->method->skips($stage) ? [] : DrillTable::ofStage($stage, $ways) as $drill) {
                if (CountKind::Hold !== $drill->countKind && $drill->stage === $stage) {
                    $all[] = new self($drill->code, $drill->title, MessageCatalogue::name(Term::of($stage)));
                }
            }
        }

        return $all;
    }

    /** Null: there is none, or seconds are counted in it. */
    public static function named(?string $code): ?Drill
    {
        $drill = null !== $code && DrillTable::has($code) ? DrillTable::named($code) : null;

        return CountKind::Hold === $drill?->countKind ? null : $drill;
    }
}
