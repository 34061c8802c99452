<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * One station of a round.
 */
final readonly class Station
{
    /** Legs, shoulders and running; of them the doubles after it suffer (common practice, no published source). */
    private const TIRING = [
        'squat', 'lunge', 'step', 'jump', 'run', 'row', 'bike', 'ride', 'press', 'push', 'burpee', 'swing', 'carry', 'climb',
        'thruster', 'snatch', 'clean', 'jerk', 'deadlift', 'throw', 'wall', 'ski', 'sled', 'dip', 'handstand',
    ];

    private function __construct(
        public StationKind $kind,
        public string $name,
        /** 0: none are counted. */
        public int $reps,
        /** Whole station; 0: it follows from the reps. */
        public float $seconds,
        /** The doubles after it in the round miss more often. */
        public bool $tires,
    ) {
    }

    /** @param int $reps 0: as many as come */
    public static function doubles(int $reps): self
    {
        return new self(StationKind::Doubles, 'doubles', $reps, 0.0, false);
    }

    public static function singles(int $reps): self
    {
        return new self(StationKind::Singles, 'singles', $reps, 0.0, false);
    }

    public static function tries(float $seconds): self
    {
        return new self(StationKind::Tries, 'tries', 0, $seconds, false);
    }

    public static function rest(float $seconds): self
    {
        return new self(StationKind::Rest, 'rest', 0, $seconds, false);
    }

    /** @param bool|null $tires null: as the name says */
    public static function work(string $name, int $reps, float $seconds, ?bool $tires = null): self
    {
        return new self(StationKind::Work, $name, $reps, $seconds, $tires ?? self::soundsTiring($name));
    }

    public static function soundsTiring(string $name): bool
    {
        return 1 === preg_match('/\b(?:'.implode('|', self::TIRING).')/i', $name);
    }

    public function isDoubles(): bool
    {
        return StationKind::Doubles === $this->kind;
    }
}
