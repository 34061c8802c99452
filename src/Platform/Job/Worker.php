<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Takes one job after the other and does it.
 */
final readonly class Worker
{
    /**
     * @param iterable<JobHandler> $handlers
     */
    public function __construct(
        private JobQueue $queue,
        private GymScope $scope,
        private ManagerRegistry $registry,
        private LoggerInterface $logger,
        #[AutowireIterator('zumbo.job')] private iterable $handlers,
    ) {
    }

    /** @return bool false when nothing waited */
    public function workOnce(bool $live = false): bool
    {
        $job = $this->queue->take($live);
        if (null === $job) {
            return false;
        }
        $this->scope->enter($job->gymId);
        try {
            $this->queue->finish($job, $this->outcome($job));
        } finally {
            $this->scope->leave();
            // The next job must not see what this one had read.
            $this->registry->resetManager();
        }

        return true;
    }

    /** After something went wrong outside of a job (the database was away): begin again with new connections. */
    public function recover(\Throwable $e): void
    {
        $this->logger->error('the worker stumbled', ['exception' => $e]);
        $this->scope->leave();
        foreach ($this->registry->getConnections() as $connection) {
            if ($connection instanceof Connection) {
                $connection->close();
            }
        }
        $this->registry->resetManager();
    }

    private function outcome(Job $job): JobOutcome
    {
        $progress = new Progress(fn (int $done, int $total): bool => $this->queue->beat($job, $done, $total));
        try {
            foreach ($this->handlers as $handler) {
                if ($handler->kind() === $job->kind) {
                    return $job->cancelled
                        ? throw new JobCancelled()
                        : $handler->work($job, $this->queue->file($job->gymId, $job->id), $progress);
                }
            }
            throw new \LogicException('nobody does a job of the kind '.$job->kind);
        } catch (JobCancelled) {
            return new JobOutcome(JobState::Cancelled, $job->result ?? []);
        } catch (\Throwable $e) {
            $this->logger->error('a job failed', ['exception' => $e]);

            return new JobOutcome(JobState::Refused, [
                'fault' => 'Something went wrong on the server. Nothing was changed; try again.',
            ]);
        }
    }
}
