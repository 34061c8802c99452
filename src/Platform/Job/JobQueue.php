<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\RetryableException;
use Psr\Clock\ClockInterface;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The table of jobs. It has a connection of its own, so that progress is seen while the work's transaction is open.
 * Only `take()` and `takeHopeless()` look across gyms: the worker serves all of them.
 */
final readonly class JobQueue
{
    /** A worker that has said nothing for so long is gone, and its job is taken up again. */
    private const SILENT_S = 120;

    /** So often a job is taken up; a worker that dies of it every time would die for ever. */
    public const MOST_TRIES = 3;

    private const COLUMNS = 'gym_id, id, kind, state, asked_by, request, done, total, result, fault, cancelled, version';

    public function __construct(
        #[Autowire(service: 'doctrine.dbal.jobs_connection')] private Connection $connection,
        private GymDatabase $database,
        private GymScope $scope,
        private ClockInterface $clock,
        private JobCodec $codec,
    ) {
    }

    /**
     * In the transaction of whoever asks: a new row points at its gym, whose row that transaction holds.
     *
     * @param object $request a DTO, read again by Job::request()
     * @param bool   $live    happens in real time: it has a worker of its own
     */
    public function add(
        Uuid $id,
        string $kind,
        Uuid $askedBy,
        object $request,
        bool $live = false,
    ): void {
        $this->database->execute(
            'INSERT INTO job (gym_id, id, kind, state, asked_by, request, live, created_at)
             VALUES (:gym, :id, :kind, :state, :by, :request, :live, :now)',
            [
                'id' => $id,
                'kind' => $kind,
                'state' => JobState::Waiting->value,
                'by' => $askedBy,
                'request' => $this->codec->write($request),
                'live' => (int) $live,
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

        return false === $row ? null : $this->job($row);
    }

    /**
     * @param string $named what people call one of that kind
     *
     * @throws UnknownRow when this gym has no such job of that kind
     */
    public function get(string $kind, string $named, Uuid $id): Job
    {
        $job = $this->find($id);

        return null === $job || $kind !== $job->kind ? throw UnknownRow::of($named, $id) : $job;
    }

    /** @return bool false when the job has moved on meanwhile */
    public function move(Job $job, JobState $to): bool
    {
        return $this->step($job, $to, ', done = 0, total = 0');
    }

    /** @return bool false when the job has moved on meanwhile: somebody works on it */
    public function cancel(Job $job): bool
    {
        return $this->step($job, JobState::Cancelled);
    }

    /** Asks a job that is being worked on to stop. */
    public function callOff(Job $job): void
    {
        $this->update($job, 'cancelled = 1, version = version + 1');
    }

    /** Calls off what nobody has decided about since then. */
    public function forgetBefore(\DateTimeImmutable $instant): void
    {
        $this->connection->executeStatement(
            'UPDATE job SET state = :cancelled, version = version + 1
             WHERE gym_id = :gym AND state IN (:waiting, :preview) AND created_at < :instant',
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
     * The oldest job that waits of the gym that was served longest ago, so that one gym's many wait for each other and not
     * the others for all of them; no two workers get the same.
     *
     * @param bool $live jobs that happen in real time have a worker of their own, so that nothing waits for them
     */
    public function take(bool $live = false): ?Job
    {
        return $this->claim(function () use ($live): ?Job {
            $job = $this->oldest(
                'state IN (:waiting, :agreed)
                 OR (state IN (:reading, :writing) AND beat_at < :silent AND tries < '.
                    self::MOST_TRIES.
                    ')',
                $live,
                ['waiting' => JobState::Waiting->value, 'agreed' => JobState::Agreed->value],
            );
            if (null === $job) {
                return null;
            }
            $taken = $job->takenUp();
            $this->update($job, 'state = :to, beat_at = :now, tries = tries + 1, version = version + 1', [
                'to' => $taken->state->value,
                'now' => $this->now(),
            ]);

            return $taken;
        });
    }

    /**
     * The oldest job, of any gym, whose workers died of it as often as it may be tried; it has ended when it is
     * returned.
     */
    public function takeHopeless(string $fault, bool $live = false): ?Job
    {
        return $this->claim(function () use ($fault, $live): ?Job {
            $job = $this->oldest(
                'state IN (:reading, :writing) AND beat_at < :silent AND tries >= '.self::MOST_TRIES,
                $live,
            );
            if (null !== $job) {
                $this->finish($job, JobOutcome::failed($fault));
            }

            return $job;
        });
    }

    /**
     * The claim is a transaction of its own, and the work begins after its commit: a lock binds one database of a cluster only, so that
     * a worker at another may have picked the same job, and the later commit is refused. Then there is nothing to do for now.
     *
     * @param callable(): ?Job $pick
     */
    private function claim(callable $pick): ?Job
    {
        try {
            return $this->connection->transactional($pick(...));
        } catch (RetryableException) {
            // After a commit that was refused PDO takes it to be in its transaction still.
            $this->connection->close();

            return null;
        }
    }

    /** @return bool whether to go on */
    public function beat(Job $job, int $done, int $total): bool
    {
        $this->update($job, 'done = :done, total = :total, beat_at = :now', [
            'done' => $done,
            'total' => $total,
            'now' => $this->now(),
        ]);

        return !\in_array($this->value($job, 'cancelled'), [1, '1'], true);
    }

    public function finish(Job $job, JobOutcome $outcome): void
    {
        $this->update(
            $job,
            'state = :state, result = COALESCE(:result, result), fault = :fault, version = version + 1',
            [
                'state' => $outcome->state->value,
                'result' => null === $outcome->result ? null : $this->codec->write($outcome->result),
                'fault' => $outcome->fault,
            ],
        );
    }

    /**
     * @param array<string, mixed> $values
     */
    private function oldest(string $condition, bool $live, array $values = []): ?Job
    {
        $row = $this->connection->fetchAssociative(
            'SELECT '.
                self::COLUMNS.
                ' FROM job WHERE live = :live AND ('.
                $condition.
                ')
             ORDER BY (SELECT COALESCE(MAX(served.beat_at), 0) FROM job served WHERE served.gym_id = job.gym_id), created_at
             LIMIT 1 FOR UPDATE SKIP LOCKED',
            $values + [
                'live' => (int) $live,
                'reading' => JobState::Reading->value,
                'writing' => JobState::Writing->value,
                'silent' => $this->clock
                    ->now()
                    ->modify('-'.self::SILENT_S.' seconds')
                    ->format('Y-m-d H:i:s'),
            ],
        );

        return false === $row ? null : $this->job($row);
    }

    private function step(Job $job, JobState $to, string $set = ''): bool
    {
        $values = ['to' => $to->value, 'from' => $job->state->value];

        return 1 === $this->update($job, 'state = :to, version = version + 1'.$set, $values, 'state = :from');
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return int|string how many rows it changed
     */
    private function update(Job $job, string $set, array $values = [], string $when = '1 = 1'): int|string
    {
        return $this->connection->executeStatement(
            "UPDATE job SET $set WHERE gym_id = :gym AND id = :id AND $when",
            $values + ['gym' => $job->gymId, 'id' => $job->id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );
    }

    private function value(Job $job, string $column): mixed
    {
        return $this->connection->fetchOne(
            "SELECT $column FROM job WHERE gym_id = :gym AND id = :id",
            ['gym' => $job->gymId, 'id' => $job->id],
            ['gym' => UuidType::NAME, 'id' => UuidType::NAME],
        );
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }

    /**
     * @param array<string, mixed> $row
     */
    private function job(array $row): Job
    {
        $text = static fn (string $name): string => \is_scalar($row[$name]) ? (string) $row[$name] : '';
        $orNull = static fn (string $name): ?string => \is_string($row[$name]) ? $row[$name] : null;

        return new Job(
            $this->codec,
            Uuid::fromBinary($text('gym_id')),
            Uuid::fromBinary($text('id')),
            $text('kind'),
            JobState::from($text('state')),
            Uuid::fromBinary($text('asked_by')),
            $text('request'),
            (int) $text('done'),
            (int) $text('total'),
            $orNull('result'),
            $orNull('fault'),
            '1' === $text('cancelled'),
            (int) $text('version'),
        );
    }
}
