<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Log\LoggedCount;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\Core\Gear\TrimGate;
use Zumbo\Core\Gear\TrimOutcome;
use Zumbo\Core\Measure\Length;

/**
 * What the log says of an athlete's lengths: how each went, whether the last trim helped, and what may be done to the
 * rope they have.
 */
final readonly class LengthHistory
{
    /**
     * @param non-empty-list<LengthPeriod> $periods the oldest first
     */
    private function __construct(
        public array $periods,
        /** Null: never trimmed. */
        public ?TrimOutcome $outcome,
        private string $timeZone,
    ) {
    }

    /**
     * @param non-empty-list<Rope> $ropes the oldest first
     * @param list<LoggedCount>    $log   of their present stage, measured as its gate is; the newest last
     */
    public static function of(array $ropes, array $log, string $timeZone): self
    {
        $periods = LengthPeriod::split($ropes, $log);
        [$before, $last] = [$periods[\count($periods) - 2] ?? null, $periods[\count($periods) - 1]];

        return new self(
            $periods,
            null === $before ? null : TrimOutcome::of($before->counted, $last->counted),
            $timeZone,
        );
    }

    public function rope(): Rope
    {
        return $this->last()->rope;
    }

    public function cable(): Length
    {
        return Length::ofMetres($this->rope()->spec()->cableLengthM);
    }

    /** Whether the next step may be taken, as far as the log can tell. */
    public function gate(): TrimGate
    {
        return TrimGate::of($this->last()->counted);
    }

    /** Practices on the length they have now. */
    public function practices(): int
    {
        return $this->last()->practices($this->timeZone);
    }

    /**
     * With the rope they have, before a local day and from it on.
     *
     * @return array{array{int, int}, array{int, int}} tries, and misses among them
     */
    public function around(\DateTimeImmutable $localDay): array
    {
        return [
            $this->last()->triesWhere(fn (\DateTimeImmutable $at): bool => LocalDay::of($at, $this->timeZone) < $localDay),
            $this->last()->triesWhere(fn (\DateTimeImmutable $at): bool => LocalDay::of($at, $this->timeZone) >= $localDay),
        ];
    }

    private function last(): LengthPeriod
    {
        return $this->periods[\count($this->periods) - 1];
    }
}
