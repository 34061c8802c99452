<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * The beginning of a block: how often its stations are done, and what ends them.
 */
final readonly class WorkoutHead
{
    public const ACCEPTED = 'one of "5 rounds", "once", "10-20-30", "as many rounds as fit in 12:00", "every 1:00, 10 times", '
        .'"6 times 1:30 on, 1:00 off"';

    /** As people write them; TIME stands for a time. */
    public const FORMS = [
        'rounds' => '(\d{1,3})\s*rounds?(?:\s+(?:for time|of))?',
        'once' => '(?:once|for time|one round)',
        'ladder' => '(\d{1,4}(?:\s*[-–]\s*\d{1,4})+)(?:\s+(?:of each|for time|of))*',
        'many' => 'as many rounds as (?:possible|fit)(?: as fit)?\s+in\s+TIME',
        'every-for' => 'every\s+(?:TIME|minute)\s*,?\s+for\s+TIME',
        'every-times' => 'every\s+(?:TIME|minute)\s*,?\s*(\d{1,3})\s*(?:times|rounds|x|×)',
        'intervals' => '(\d{1,3})\s*(?:times|x|×)\s*TIME\s+on\s*,?\s*TIME\s+off',
    ];

    private const MINUTE_S = 60.0;

    /**
     * @param int                      $times  checked in of()
     * @param non-empty-list<int>|null $ladder
     */
    private function __construct(
        public WorkoutForm $form,
        public int $times,
        public ?array $ladder = null,
        public int $windowS = 0,
        public int $betweenS = 0,
    ) {
    }

    public static function once(): self
    {
        return new self(WorkoutForm::ForTime, 1);
    }

    /**
     * @param array<array-key, string> $found
     * @param callable(string): float  $seconds
     *
     * @return self|null null: its numbers make no workout
     */
    public static function of(string $form, array $found, callable $seconds): ?self
    {
        $minute = static fn (string $time): float => '' === $time ? self::MINUTE_S : $seconds($time);
        $head = match ($form) {
            'rounds' => new self(WorkoutForm::ForTime, (int) $found[1]),
            'once' => self::once(),
            'ladder' => self::ladder($found[1]),
            'many' => new self(WorkoutForm::ManyRounds, 1, null, (int) $seconds($found[1])),
            'every-for' => self::every($minute($found[1]), $seconds($found[2]) / max(1.0, $minute($found[1]))),
            'every-times' => self::every($minute($found[1]), (float) $found[2]),
            default => new self(WorkoutForm::Intervals, (int) $found[1], null, (int) $seconds($found[2]), (int) $seconds($found[3])),
        };
        $needsWindow = WorkoutForm::ForTime !== $head->form;

        return $head->times < 1 || $head->times > Workout::MOST_ROUNDS || ($needsWindow && $head->windowS < 1)
            || $head->windowS > Workout::LONGEST_S
            ? null
            : $head;
    }

    /** Where nothing says how many, each station has to. */
    public function asksForCounts(): bool
    {
        return null === $this->ladder && WorkoutForm::Intervals !== $this->form;
    }

    private static function every(float $windowS, float $times): self
    {
        return new self(WorkoutForm::EveryMinutes, (int) floor($times), null, (int) $windowS);
    }

    private static function ladder(string $counts): self
    {
        preg_match_all('/\d+/', $counts, $found);
        $ladder = array_map(intval(...), $found[0]);
        $good = [] !== $ladder && min($ladder) >= 1 && max($ladder) <= Workout::MOST_REPS;

        return $good ? new self(WorkoutForm::ForTime, \count($ladder), $ladder) : new self(WorkoutForm::ForTime, 0);
    }
}
