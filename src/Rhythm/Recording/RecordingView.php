<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;

/**
 * A recording: how far it is, and what was heard.
 */
final readonly class RecordingView
{
    private function __construct(
        public string $id,
        public JobState $state,
        /** Seconds heard so far, of so many; 0 of 0 before it begins. */
        public int $done,
        public int $total,
        /** Whether the file is still there to be listened to. */
        public bool $kept,
        public ?HeardTakeView $heard,
        /** Why nothing came of it. */
        public ?string $fault,
        public int $version,
    ) {
    }

    public static function of(Job $job): self
    {
        $result = $job->result ?? [];

        return new self(
            $job->id->toRfc4122(),
            $job->state,
            $job->done,
            $job->total,
            HearRecording::KEPT === $job->format && JobState::Cancelled !== $job->state,
            JobState::Done === $job->state ? self::heard($result) : null,
            \is_string($result['fault'] ?? null) ? $result['fault'] : null,
            $job->version(),
        );
    }

    /**
     * @param array<mixed> $result
     */
    private static function heard(array $result): HeardTakeView
    {
        $number = static fn (mixed $value): float => \is_int($value) || \is_float($value) ? (float) $value : 0.0;
        $times = static fn (mixed $list): array => array_map($number, \is_array($list) ? array_values($list) : []);
        $levels = static fn (mixed $list): array => array_map(
            static fn (mixed $one): int => \is_int($one) ? $one : 0,
            \is_array($list) ? array_values($list) : [],
        );
        $values = array_filter(
            \is_array($result['values'] ?? null) ? $result['values'] : [],
            static fn (mixed $value): bool => \is_int($value) || \is_float($value) || \is_string($value),
        );
        $named = [];
        foreach ($values as $name => $value) {
            $named[(string) $name] = $value;
        }

        return new HeardTakeView(
            $number($result['seconds'] ?? null),
            $times($result['turnsS'] ?? null),
            $times($result['landingsS'] ?? null),
            $number($result['confidence'] ?? null),
            true === ($result['counts'] ?? null),
            SentenceView::of(
                Verdict::of(\is_string($result['code'] ?? null) ? $result['code'] : '', $named),
                LengthUnit::Centimetre,
            ),
            $number($result['columnS'] ?? null),
            $levels($result['ticks'] ?? null),
            $levels($result['thuds'] ?? null),
        );
    }
}
