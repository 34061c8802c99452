<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Log\LoggedCount;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\Core\Streak\CountedReps;

/**
 * The time an athlete jumped with one length, and what was logged then.
 */
final readonly class LengthPeriod
{
    /** @var list<CountedReps> */
    public array $counted;

    /**
     * @param list<LoggedCount> $log the newest last
     */
    private function __construct(public Rope $rope, private array $log)
    {
        $this->counted = array_map(static fn (LoggedCount $one): CountedReps => $one->entry->counted, $log);
    }

    /**
     * @param non-empty-list<Rope> $ropes the oldest first
     * @param list<LoggedCount>    $log   the newest last
     *
     * @return non-empty-list<self>
     */
    public static function split(array $ropes, array $log): array
    {
        return array_map(
            static function (Rope $rope, int $i) use ($ropes, $log): self {
                $until = ($ropes[$i + 1] ?? null)?->createdAt();

                return new self($rope, array_values(array_filter(
                    $log,
                    static fn (LoggedCount $one): bool => $one->loggedAt >= $rope->createdAt()
                        && (null === $until || $one->loggedAt < $until),
                )));
            },
            $ropes,
            array_keys($ropes),
        );
    }

    /** Local days with an entry. */
    public function practices(string $timeZone): int
    {
        $days = [];
        foreach ($this->log as $one) {
            $days[LocalDay::of($one->loggedAt, $timeZone)->format('Y-m-d')] = true;
        }

        return \count($days);
    }

    /**
     * @param callable(\DateTimeImmutable): bool|null $when it was logged; null: whenever
     *
     * @return array{int, int} tries, and misses among them
     */
    public function triesWhere(?callable $when = null): array
    {
        $tries = $misses = 0;
        foreach ($this->log as $one) {
            if (null === $when || $when($one->loggedAt)) {
                $misses += $one->entry->counted->misses;
                $tries += $one->entry->counted->successes + $one->entry->counted->misses;
            }
        }

        return [$tries, $misses];
    }
}
