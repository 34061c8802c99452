<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Log\LoggerInterface;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Job\StopAsked;
use Zumbo\App\Platform\Job\Worker;
use Zumbo\App\Tests\RealServices;

final class WorkerTest extends KernelTestCase
{
    use RealServices;

    public function testItWorksAgainAfterItsConnectionsWereLost(): void
    {
        $id = $this->job('nothing');
        $connection = self::service(Connection::class);
        self::assertNotFalse($connection->fetchOne('SELECT 1'));
        self::service(Worker::class)->recover(new \RuntimeException('the database was away'));
        self::assertSame(
            JobState::Failed,
            $this->stateAfterWork($id),
            'a job that nobody does fails, and the worker goes on',
        );
        self::assertStringNotContainsString(
            'nobody does',
            (string) self::service(Connection::class)->fetchOne('SELECT fault FROM job WHERE id = ?', [
                $id->toBinary(),
            ]),
            'a fault of ours is not explained to coaches',
        );
    }

    /** A worker that was killed says nothing more; another one takes its job up, but not for ever. */
    public function testAJobWhoseWorkerFellSilentIsTakenUpAgain(): void
    {
        $id = $this->job('nothing');
        $connection = self::service(Connection::class);
        $set = static fn (string $sql) => $connection->executeStatement("UPDATE job SET $sql WHERE id = ?", [
            $id->toBinary(),
        ]);
        $set("state = 'writing', tries = 3, beat_at = UTC_TIMESTAMP()");
        self::assertSame(JobState::Writing, $this->stateAfterWork($id), 'somebody is at it');
        $set("tries = 2, beat_at = '2020-01-01 00:00:00'");
        self::assertSame(JobState::Failed, $this->stateAfterWork($id));
        self::assertSame('3', (string) $this->column($id, 'tries'), 'it was taken up once more');
    }

    /** Three workers died of it: it ends as failed and says so, instead of standing as "reading" for ever. */
    public function testAJobThatKeepsKillingItsWorkerEndsAsFailed(): void
    {
        $id = $this->job('nothing');
        self::service(Connection::class)->executeStatement(
            "UPDATE job SET state = 'reading', tries = 3, beat_at = '2020-01-01 00:00:00' WHERE id = ?",
            [$id->toBinary()],
        );
        self::assertSame(JobState::Failed, $this->stateAfterWork($id));
        self::assertStringContainsString('each of 3 times and has given up', (string) $this->column($id, 'fault'));
        self::assertSame('3', (string) $this->column($id, 'tries'), 'and nobody took it up a fourth time');
    }

    /**
     * Between a coach's look and their "call it off" the worker may have taken the job: then it is asked, not
     * overwritten.
     */
    public function testAJobThatWasTakenMeanwhileIsNotCancelledUnderTheWorker(): void
    {
        $id = $this->job('nothing');
        $connection = self::service(Connection::class);
        $gym = $connection->fetchOne('SELECT gym_id FROM job WHERE id = ?', [$id->toBinary()]);
        self::service(GymScope::class)->enter(Uuid::fromBinary(\is_string($gym) ? $gym : ''));
        $queue = self::service(JobQueue::class);
        $seen = $queue->find($id) ?? self::fail('it waits');
        $connection->executeStatement("UPDATE job SET state = 'writing', beat_at = UTC_TIMESTAMP() WHERE id = ?", [
            $id->toBinary(),
        ]);
        self::assertFalse($queue->cancel($seen));
        self::assertSame(JobState::Writing->value, $this->column($id, 'state'));
        $queue->callOff($seen);
        self::assertFalse($queue->beat($seen, 1, 2), 'the worker hears of it at its next step');
        self::service(GymScope::class)->leave();
    }

    /** One gym's many wait for each other, and not another's one for all of them. */
    public function testTheGymThatWasServedLongestAgoComesFirst(): void
    {
        $this->endAllOthers();
        $many = new UuidV7();
        $ids = [$this->job('nothing', $many), $this->job('nothing', $many), $this->job('nothing', $many), $this->job('nothing')];
        foreach ($ids as $minute => $id) {
            self::service(Connection::class)->update('job', ['created_at' => "2026-11-27 10:0$minute:00"], ['id' => $id->toBinary()]);
        }
        $taken = [];
        while (null !== ($job = self::service(JobQueue::class)->take())) {
            $taken[] = array_search($job->id->toRfc4122(), array_map('strval', $ids), true);
        }
        self::assertSame([0, 3, 1, 2], $taken);
    }

    public function testWhatHappensInRealTimeEndsWhenTheWorkerIsToldToEnd(): void
    {
        $this->endAllOthers();
        foreach ([true, false] as $live) {
            $id = $this->job('steps', live: $live);
            $stop = new StopAsked();
            $steps = new class($stop) implements JobHandler {
                public int $done = 0;

                public function __construct(private readonly StopAsked $stop)
                {
                }

                public function kind(): string
                {
                    return 'steps';
                }

                public function work(Job $job, Progress $progress): JobOutcome
                {
                    for (; $this->done < 5; ++$this->done) {
                        $progress->at($this->done);
                        $this->stop->ask();
                    }

                    return JobOutcome::of(JobState::Done, new \stdClass());
                }

                public function discard(Job $job, string $fault): void
                {
                }

                public function tidy(Job $job): void
                {
                }
            };
            $worker = new Worker(
                self::service(JobQueue::class),
                self::service(GymScope::class),
                self::service(ManagerRegistry::class),
                self::service(LoggerInterface::class),
                [$steps],
                $stop,
            );
            self::assertTrue($worker->workOnce($live));
            self::assertSame($live ? [1, 'cancelled'] : [5, 'done'], [$steps->done, (string) $this->column($id, 'state')]);
        }
    }

    /** What other tests have left in the queue. */
    private function endAllOthers(): void
    {
        self::service(Connection::class)->executeStatement('UPDATE job SET state = ?', [JobState::Failed->value]);
    }

    private function job(string $kind, UuidV7 $gym = new UuidV7(), bool $live = false): UuidV7
    {
        $id = new UuidV7();
        if (false === self::service(Connection::class)->fetchOne('SELECT 1 FROM gym WHERE id = ?', [$gym->toBinary()])) {
            self::service(Connection::class)->insert('gym', [
                'id' => $gym->toBinary(),
                'name' => 'Test gym',
                'time_zone' => 'Europe/London',
                'unit' => 'cm',
            ]);
        }
        $scope = self::service(GymScope::class);
        $scope->enter($gym);
        self::service(JobQueue::class)->add($id, $kind, $gym, new \stdClass(), $live);
        $scope->leave();

        return $id;
    }

    private function column(UuidV7 $id, string $column): string|int|null
    {
        $value = self::service(Connection::class)->fetchOne("SELECT $column FROM job WHERE id = ?", [$id->toBinary()]);
        self::assertTrue(null === $value || \is_string($value) || \is_int($value));

        return $value;
    }

    private function stateAfterWork(UuidV7 $id): JobState
    {
        $worker = self::service(Worker::class);
        for ($jobs = 0; $jobs < 1000 && $worker->workOnce();) {
            ++$jobs;
        }
        $state = self::service(Connection::class)->fetchOne('SELECT state FROM job WHERE id = ?', [$id->toBinary()]);

        return JobState::from(\is_string($state) ? $state : '');
    }
}
