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
    /**
     * @param list<array{on: \DateTimeImmutable, stature: Length}> $measured the oldest first
     */
    private function __construct(private array $measured)
    {
    }

    /**
     * @param list<array{on: \DateTimeImmutable, stature: Length}> $measured the oldest first
     */
    public static function of(array $measured): self
    {
        return new self($measured);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** The last stature of that day or before it, else the first one ever; null: never measured. */
    public function at(\DateTimeImmutable $day): ?Length
    {
        $stature = $this->measured[0]['stature'] ?? null;
        foreach ($this->measured as $one) {
            $stature = $one['on'] <= $day ? $one['stature'] : $stature;
        }

        return $stature;
    }

    /**
     * @param \DateTimeImmutable|null $sizedOn when the rope was sized; null: there is none
     *
     * @return Verdict|null when the rope was sized for somebody smaller
     */
    public function outgrown(?\DateTimeImmutable $sizedOn, Length $now): ?Verdict
    {
        $then = null === $sizedOn ? null : $this->at($sizedOn);

        return null === $then ? null : Growth::since($then, $now);
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
