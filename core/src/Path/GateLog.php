<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Method\GateRule;
use Zumbo\Core\Streak\CountedReps;

/**
 * What a gate reads of a log: the sums of its sessions, and of the newest entries what they were.
 */
final readonly class GateLog
{
    /** So many of the newest entries must be clean; where form alone opens the gate, so many. */
    public const LAST = 3;
    public const FORM_LAST = 5;

    /** So many of the newest single goes tell where somebody stops. */
    public const GOES = 12;

    /**
     * @param list<SessionSum>  $sessions  the newest last
     * @param list<bool>        $lastClean whether the newest entries were clean: at most FORM_LAST
     * @param list<CountedReps> $goes      the newest single goes, the newest last: at most GOES
     * @param int|null          $best      reps of the best single go; null: none
     */
    public function __construct(
        public array $sessions,
        public array $lastClean,
        public array $goes,
        public ?int $best,
    ) {
    }

    public function roughOfLast(GateRule $rule): int
    {
        $last = GateRule::FormFirst === $rule ? self::FORM_LAST : self::LAST;

        return \count(array_filter(\array_slice($this->lastClean, -$last), static fn (bool $clean): bool => !$clean));
    }

    public function cleanOfLast(): int
    {
        return \count(array_filter($this->lastClean));
    }

    /**
     * @param list<Entry> $entries the newest last; those that count something else are left out
     */
    public static function ofEntries(CountKind $kind, array $entries): self
    {
        $fitting = array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->countKind === $kind));
        $sessions = [];
        foreach ($fitting as $entry) {
            $sum = new SessionSum(
                $entry->counted->successes,
                $entry->counted->misses,
                1,
                $entry->counted->summed,
                $entry->stopped,
                $entry->day,
            );
            $key = ($entry->stopped ? 'stopped ' : '').$entry->session;
            $sessions[$key] = isset($sessions[$key]) ? $sessions[$key]->plus($sum) : $sum;
        }
        $goes = CountKind::Streak === $kind ? array_values(array_filter(
            array_map(static fn (Entry $entry): CountedReps => $entry->counted, $fitting),
            static fn (CountedReps $go): bool => !$go->summed,
        )) : [];

        return new self(
            array_values($sessions),
            array_map(static fn (Entry $entry): bool => $entry->clean, \array_slice($fitting, -self::FORM_LAST)),
            \array_slice($goes, -self::GOES),
            [] === $goes ? null : max(array_map(static fn (CountedReps $go): int => $go->successes, $goes)),
        );
    }
}
