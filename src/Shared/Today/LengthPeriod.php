<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\CountedReps;

/**
 * The time an athlete jumped with one length, and what was logged then of their present stage, measured as its gate is.
 */
final readonly class LengthPeriod
{
    /**
     * @param list<Attempt>     $attempts the newest last
     * @param list<CountedReps> $counted  the same
     */
    private function __construct(public Rope $rope, public array $attempts, public array $counted)
    {
    }

    /**
     * @param non-empty-list<Rope> $ropes    the oldest first
     * @param list<Attempt>        $attempts the newest last
     *
     * @return non-empty-list<self>
     */
    public static function split(array $ropes, array $attempts, Stage $stage, \DateTimeImmutable $now): array
    {
        $spec = GateTable::of($stage)?->countKind;
        $fitting = array_values(
            array_filter(
                $attempts,
                static fn (Attempt $attempt): bool => $attempt->stage() === $stage
                    && (null === $spec || $attempt->toCore($now)->countKind === $spec),
            ),
        );

        return array_map(
            static function (Rope $rope, int $i) use ($ropes, $fitting, $now): self {
                $until = ($ropes[$i + 1] ?? null)?->createdAt();
                $mine = array_values(
                    array_filter(
                        $fitting,
                        static fn (Attempt $attempt): bool => $attempt->loggedAt() >= $rope->createdAt()
                            && (null === $until || $attempt->loggedAt() < $until),
                    ),
                );

                return new self(
                    $rope,
                    $mine,
                    array_map(static fn (Attempt $attempt): CountedReps => $attempt->toCore($now)->counted, $mine),
                );
            },
            $ropes,
            array_keys($ropes),
        );
    }

    /** Local days with an entry. */
    public function practices(string $timeZone): int
    {
        return \count(
            array_unique(
                array_map(
                    static fn (Attempt $attempt): string => LocalDay::of($attempt->loggedAt(), $timeZone)->format(
                        'Y-m-d',
                    ),
                    $this->attempts,
                ),
            ),
        );
    }

    /**
     * @param callable(Attempt): bool|null $which null: all
     *
     * @return array{int, int} tries, and misses among them
     */
    public function triesWhere(?callable $which = null): array
    {
        $tries = $misses = 0;
        foreach ($this->attempts as $i => $attempt) {
            if (null === $which || $which($attempt)) {
                $misses += $this->counted[$i]->misses;
                $tries += $this->counted[$i]->successes + $this->counted[$i]->misses;
            }
        }

        return [$tries, $misses];
    }
}
