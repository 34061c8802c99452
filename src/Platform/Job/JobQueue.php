<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * The table of jobs. It has a connection of its own, so that progress is seen while the work's transaction is open. Only
 * `take()` looks across gyms: the worker serves all of them.
 */
final readonly class JobQueue
{
    /** A worker that has said nothing for so long is gone, and its job is taken up again. */
    private const SILENT_S = 120;
    private const MOST_TRIES = 3;

    /** The kind of job that happens in real time. */
    public const LIVE = 'sensor';

    public function __construct(
        #[Autowire(service: 'doctrine.dbal.jobs_connection')] private Connection $connection,
        private GymDatabase $database,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** In the transaction of whoever asks: a new row points at its gym, whose row that transaction holds. */
    public function add(Uuid $id, string $kind, Uuid $askedBy, string $format, string $file): void
    {
        $this->database->execute(
            'INSERT INTO job (gym_id, id, kind, state, asked_by, format, file, created_at) VALUES (:gym, :id, :kind, :state, :by, :format, :file, :now)',
            [
                'id' => $id,
                'kind' => $kind,
                'state' => JobState::Waiting->value,
                'by' => $askedBy,
                'format' => $format,
                'file' => $file,
                'now' => $this->now(),
            ],
            ['id' => UuidType::NAME, 'by' => UuidType::NAME],
        );
    }

    /** Null when this gym has none of that id. */
    public function find(Uuid $id): ?Job
    {
        $row = $this->connection->fetchAssociative(
            'SELECT '.self::COLUMNS.' FROM job WHERE gym_id = :gym AND id = :id',
            ['gym' => $this->scope->gymId(), 'id' => $id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );

        return false === $row ? null : self::job($row);
    }

    public function file(Uuid $gymId, Uuid $id): string
    {
        $file = $this->connection->fetchOne(
            'SELECT file FROM job WHERE gym_id = :gym AND id = :id',
            ['gym' => $gymId, 'id' => $id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );

        return \is_string($file) ? $file : '';
    }

    /** @return bool false when the job has moved on meanwhile */
    public function move(Job $job, JobState $to): bool
    {
        return 1 ===
            $this->connection->executeStatement(
                'UPDATE job SET state = :to, version = version + 1, done = 0, total = 0 WHERE gym_id = :gym AND id = :id AND state = :from',
                ['to' => $to->value, 'from' => $job->state->value, 'gym' => $job->gymId, 'id' => $job->id],
                ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
            );
    }

    /** @return bool false when the job has moved on meanwhile: somebody works on it */
    public function cancel(Job $job): bool
    {
        return 1 ===
            $this->connection->executeStatement(
                'UPDATE job SET state = :to, version = version + 1, file = \'\' WHERE gym_id = :gym AND id = :id AND state = :from',
                [
                    'to' => JobState::Cancelled->value,
                    'from' => $job->state->value,
                    'gym' => $job->gymId,
                    'id' => $job->id,
                ],
                ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
            );
    }

    /** Asks a job that is being worked on to stop. */
    public function callOff(Job $job): void
    {
        $this->connection->executeStatement(
            'UPDATE job SET cancelled = 1, version = version + 1 WHERE gym_id = :gym AND id = :id',
            ['gym' => $job->gymId, 'id' => $job->id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );
    }

    /** Calls off what nobody has decided about since then, and throws its file away: it may hold names. */
    public function forgetBefore(\DateTimeImmutable $instant): void
    {
        $this->connection->executeStatement(
            'UPDATE job SET state = :cancelled, file = \'\', version = version + 1 WHERE gym_id = :gym AND state IN (:waiting, :preview) AND created_at < :instant',
            [
                'cancelled' => JobState::Cancelled->value,
                'waiting' => JobState::Waiting->value,
                'preview' => JobState::Preview->value,
                'gym' => $this->scope->gymId(),
                'instant' => $instant->format('Y-m-d H:i:s'),
            ],
            ['gym' => UuidType::NAME],
        );
    }

    /**
     * The oldest job that waits, of any gym; no two workers get the same.
     *
     * @param bool $live jobs that happen in real time have a worker of their own, so that nothing waits for them
     */
    public function take(bool $live = false): ?Job
    {
        return $this->connection->transactional(function (Connection $connection) use ($live): ?Job {
            $row = $connection->fetchAssociative(
                'SELECT '.
                    self::COLUMNS.
                    ' FROM job WHERE (kind = :live) = :wanted AND (state IN (:waiting, :agreed) OR (state IN (:reading, :writing) AND beat_at < :silent AND tries < '.
                    self::MOST_TRIES.
                    ')) ORDER BY created_at LIMIT 1 FOR UPDATE SKIP LOCKED',
                [
                    'live' => self::LIVE,
                    'wanted' => (int) $live,
                    'waiting' => JobState::Waiting->value,
                    'agreed' => JobState::Agreed->value,
                    'reading' => JobState::Reading->value,
                    'writing' => JobState::Writing->value,
                    'silent' => $this->clock
                        ->now()
                        ->modify('-'.self::SILENT_S.' seconds')
                        ->format('Y-m-d H:i:s'),
                ],
            );
            if (false === $row) {
                return null;
            }
            $job = self::job($row);
            $working = $job->state->whileWorked() ?? $job->state;
            $connection->executeStatement(
                'UPDATE job SET state = :to, beat_at = :now, tries = tries + 1, version = version + 1 WHERE gym_id = :gym AND id = :id',
                ['to' => $working->value, 'now' => $this->now(), 'gym' => $job->gymId, 'id' => $job->id],
                ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
            );

            return new Job(
                $job->gymId,
                $job->id,
                $job->kind,
                $working,
                $job->askedBy,
                $job->format,
                0,
                0,
                $job->result,
                $job->cancelled,
                $job->version() + 1,
            );
        });
    }

    /** @return bool whether to go on */
    public function beat(Job $job, int $done, int $total): bool
    {
        $this->connection->executeStatement(
            'UPDATE job SET done = :done, total = :total, beat_at = :now WHERE gym_id = :gym AND id = :id',
            ['done' => $done, 'total' => $total, 'now' => $this->now(), 'gym' => $job->gymId, 'id' => $job->id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );

        $cancelled = $this->connection->fetchOne(
            'SELECT cancelled FROM job WHERE gym_id = :gym AND id = :id',
            ['gym' => $job->gymId, 'id' => $job->id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );

        return !\in_array($cancelled, [1, '1'], true);
    }

    /** The file of a job that is over is thrown away: it may hold names. */
    public function finish(Job $job, JobOutcome $outcome): void
    {
        $this->connection->executeStatement(
            'UPDATE job SET state = :state, result = :result, version = version + 1, file = IF(:over, \'\', file) WHERE gym_id = :gym AND id = :id',
            [
                'state' => $outcome->state->value,
                'result' => json_encode($outcome->result, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
                'over' => (int) $outcome->state->isOver(),
                'gym' => $job->gymId,
                'id' => $job->id,
            ],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );
    }

    private const COLUMNS = 'gym_id, id, kind, state, asked_by, format, done, total, result, cancelled, version';

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }

    /**
     * @param array<string, mixed> $row
     */
    private static function job(array $row): Job
    {
        $text = static fn (string $name): string => \is_scalar($row[$name]) ? (string) $row[$name] : '';
        $result = '' === $text('result') ? null : json_decode($text('result'), true);

        return new Job(
            Uuid::fromBinary($text('gym_id')),
            Uuid::fromBinary($text('id')),
            $text('kind'),
            JobState::from($text('state')),
            Uuid::fromBinary($text('asked_by')),
            $text('format'),
            (int) $text('done'),
            (int) $text('total'),
            \is_array($result) ? $result : null,
            '1' === $text('cancelled'),
            (int) $text('version'),
        );
    }
}
