<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Rhythm\JumpKind;

/**
 * What a fitted ladder shall be: its shape, what for, and how much time and how many contacts there are for it.
 */
final readonly class LadderWish
{
    private function __construct(
        public LadderFamily $family,
        public LadderAim $aim,
        public JumpKind $kind,
        public Method $method,
        public MissRule $rule,
        public int $fixedSingles,
        public int $exitSingles,
        /** Null: as long as one time through takes. */
        public ?float $seconds,
        public ?int $contacts,
    ) {
    }

    /**
     * @param float|null $minutes  above 0; null: not asked for
     * @param int|null   $contacts from 1; null: not asked for
     *
     * @throws OutOfRange when the minutes or contacts leave no room for a jump
     */
    public static function of(
        LadderFamily $family,
        LadderAim $aim,
        JumpKind $kind = JumpKind::Double,
        Method $method = Method::Pattern,
        MissRule $rule = MissRule::Repeat,
        int $fixedSingles = 1,
        int $exitSingles = 0,
        ?float $minutes = null,
        ?int $contacts = null,
    ): self {
        if (null !== $minutes && !($minutes > 0)) {
            throw OutOfRange::of('minutes', (string) $minutes, 'above 0');
        }
        if (null !== $contacts && $contacts < 1) {
            throw OutOfRange::of('contacts', (string) $contacts, 'at least 1');
        }

        return new self(
            $family,
            $aim,
            $kind,
            $method,
            $rule,
            $fixedSingles,
            $exitSingles,
            null === $minutes ? null : 60 * $minutes,
            $contacts,
        );
    }

    public function ladder(int $start, int $step, int $top, int $times): Ladder
    {
        return Ladder::of($this->family, $top, $this->kind, $this->fixedSingles, $this->method, $start, $step, $times, $this->exitSingles);
    }

    /**
     * How many times through fit the time and the contacts; at most 20, and once where neither is given.
     *
     * @param float $seconds  of one time through
     * @param float $contacts the same
     */
    public function times(float $seconds, float $contacts, float $breakS): int
    {
        if (LadderAim::Test === $this->aim || (null === $this->seconds && null === $this->contacts)) {
            return $this->share($seconds, $contacts) <= 1 ? 1 : 0;
        }
        $times = (float) Ladder::MOST_TIMES;
        if (null !== $this->seconds) {
            $times = min($times, floor(($this->seconds + $breakS) / ($seconds + $breakS)));
        }
        if (null !== $this->contacts) {
            $times = min($times, floor($this->contacts / $contacts));
        }

        return (int) $times;
    }

    /** Of the time or the contacts, whichever is used up more; above 1: it does not fit. */
    public function share(float $seconds, float $contacts): float
    {
        return max(
            null === $this->seconds ? 0.0 : $seconds / $this->seconds,
            null === $this->contacts ? 0.0 : $contacts / $this->contacts,
        );
    }
}
