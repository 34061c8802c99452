<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * How tall an athlete was, day by day: what has been outgrown since, and when they are due to be measured again.
 */
final readonly class StatureHistory
{
    /** Heights are read to the centimetre: less is no growth. */
    private const GROWN_M = 0.005;

    /**
     * @param list<array{on: \DateTimeImmutable, stature: Length, at?: \DateTimeImmutable|null}> $measured the oldest first
     */
    private function __construct(public array $measured)
    {
    }

    /**
     * @param list<array{on: \DateTimeImmutable, stature: Length, at?: \DateTimeImmutable|null}> $measured the oldest
     *                                                                                                     first; `at` tells two
     *                                                                                                     of one day apart
     */
    public static function of(array $measured): self
    {
        return new self($measured);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** The last stature of that moment or before it, else the first one ever; null: never measured. */
    public function at(\DateTimeImmutable $moment): ?Length
    {
        $stature = $this->measured[0]['stature'] ?? null;
        foreach ($this->measured as $one) {
            $stature = ($one['at'] ?? $one['on']) <= $moment ? $one['stature'] : $stature;
        }

        return $stature;
    }

    /** As tall as they are now; null: never measured. */
    public function latest(): ?Length
    {
        return $this->measured[\count($this->measured) - 1]['stature'] ?? null;
    }

    /** Whether a later height of the last year is greater than an earlier one. */
    public function risesWithinAYear(\DateTimeImmutable $today): bool
    {
        $from = $today->modify('-1 year');
        $least = null;
        foreach ($this->measured as $one) {
            if ($one['on'] < $from || $one['on'] > $today) {
                continue;
            }
            if (null !== $least && $one['stature']->minus($least)->metres() > self::GROWN_M) {
                return true;
            }
            $least = null === $least || $one['stature']->compareTo($least) < 0 ? $one['stature'] : $least;
        }

        return false;
    }

    /** When the rope of that moment was sized for somebody smaller: on which day that was seen first; null: it was not. */
    public function grewOn(\DateTimeImmutable $sizedAt): ?\DateTimeImmutable
    {
        $then = $this->at($sizedAt);
        foreach ($this->measured as $one) {
            if (($one['at'] ?? $one['on']) > $sizedAt && null !== $then && $one['stature']->minus($then)->metres() > self::GROWN_M) {
                return $one['on'];
            }
        }

        return null;
    }

    /** When they are to be measured next; null: grown up, or never measured. */
    public function nextOn(?int $birthYear, \DateTimeImmutable $today): ?\DateTimeImmutable
    {
        $last = $this->measured[\count($this->measured) - 1] ?? null;
        $every = Remeasure::everyMonths($birthYear, (int) $today->format('Y'));

        return null === $last || null === $every ? null : $last['on']->add(new \DateInterval(\sprintf('P%dM', $every->months)));
    }

    /** @return Verdict|null when somebody who grows is due to be measured again */
    public function reminder(?int $birthYear, \DateTimeImmutable $today): ?Verdict
    {
        $last = $this->measured[\count($this->measured) - 1] ?? null;
        if (null === $last) {
            return null;
        }
        $since = $last['on']->diff($today);

        return Remeasure::everyMonths($birthYear, (int) $today->format('Y'))?->reminder(12 * $since->y + $since->m);
    }
}
