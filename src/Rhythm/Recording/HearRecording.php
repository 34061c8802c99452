<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\Core\Sound\Ear;
use Zumbo\Core\Sound\HeardTake;
use Zumbo\Core\Sound\WavError;
use Zumbo\Core\Sound\WavReader;

/**
 * Hears a recording. The file is deleted afterwards, unless it was sent to be kept.
 */
final readonly class HearRecording implements JobHandler
{
    public const KIND = 'sound';
    public const KEPT = 'kept';
    public const ONCE = 'once';

    public function __construct(private RecordingFiles $files)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function work(Job $job, string $file, Progress $progress): JobOutcome
    {
        if (!$this->files->has($job->id)) {
            return new JobOutcome(JobState::Refused, [
                'fault' => 'The recording is no longer on the server: send it again.',
            ]);
        }
        try {
            $wav = WavReader::open($this->files->read($job->id));
            $progress->begin((int) ceil($wav->seconds() ?? 0.0));
            $told = 0;
            $heard = Ear::hear($wav, static function (float $seconds) use ($progress, &$told): void {
                for (; $told < (int) $seconds; ++$told) {
                    $progress->step();
                }
            });

            return new JobOutcome(JobState::Done, self::result($heard));
        } catch (WavError $e) {
            return new JobOutcome(JobState::Refused, ['fault' => ucfirst($e->getMessage()).'.']);
        } finally {
            if (self::KEPT !== $job->format) {
                $this->files->delete($job->id);
            }
        }
    }

    /**
     * @return array<string, mixed>
     */
    private static function result(HeardTake $heard): array
    {
        $columns = $heard->wave->columns();

        return [
            'seconds' => $heard->seconds,
            'turnsS' => array_map(static fn (float $at): float => round($at, 4), $heard->take->turnsS),
            'landingsS' => array_map(static fn (float $at): float => round($at, 4), $heard->take->landingsS),
            'confidence' => $heard->confidence,
            'counts' => $heard->counts,
            'code' => $heard->verdict->code,
            'values' => $heard->verdict->values,
            'columnS' => $heard->wave->stepS(),
            // Of the loudest: a thousandth is finer than anybody sees.
            'ticks' => self::levels(array_column($columns, 0)),
            'thuds' => self::levels(array_column($columns, 1)),
        ];
    }

    /**
     * @param list<float> $loud
     *
     * @return list<int> from 0 to 1000
     */
    private static function levels(array $loud): array
    {
        $most = max([1e-9, ...$loud]);

        return array_map(static fn (float $one): int => (int) round((1000 * $one) / $most), $loud);
    }
}
