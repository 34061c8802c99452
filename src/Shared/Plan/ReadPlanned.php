<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Plan;

use Zumbo\App\Entity\Plan\PlannedPractices;
use Zumbo\App\Entity\Plan\PlannedWish;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\DrillWords;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * The main sets that were planned for a day: what is planned is what the hall shows.
 *
 * @phpstan-import-type Main from PlannedWish
 */
final readonly class ReadPlanned
{
    public function __construct(private PlannedPractices $planned)
    {
    }

    /**
     * @return array<string, Main> by athlete id; empty: nothing is planned
     */
    public function on(\DateTimeImmutable $localDay): array
    {
        return $this->planned->of($localDay)?->wish()->mains ?? [];
    }

    /**
     * @param Main|null $main
     *
     * @return Drill|null null: nothing is planned for them, or they are taught in another way since
     */
    public static function drill(?array $main, Stage $stage, Ways $ways): ?Drill
    {
        if (null === $main) {
            return null;
        }
        $words = new DrillWords(
            $main['title'],
            Pattern::parse($main['notation']),
            $main['cadence'],
            CountKind::from($main['countKind']),
            $main['aim'],
            $main['sets'],
            $main['cue'],
            $main['why'],
            '',
        );
        $drill = DrillTable::has($main['code'])
            ? DrillTable::named($main['code'])->inWords($words)
            : Drill::ladder($main['code'], $stage, $words);

        return $drill->fits($ways) ? $drill : null;
    }
}
