<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\DatabaseAway;

/**
 * Takes one job after the other and does it.
 */
final readonly class Worker
{
    private const FAILED = 'Something went wrong on the server. Nothing was changed; try again.';
    private const GAVE_UP = 'The server broke off at this each of '.JobQueue::MOST_TRIES.' times and has given up. '
        .'Nothing was changed; send it again, or a smaller part of it.';

    /**
     * @param iterable<JobHandler> $handlers
     */
    public function __construct(
        private JobQueue $queue,
        private GymScope $scope,
        private ManagerRegistry $registry,
        private LoggerInterface $logger,
        #[AutowireIterator('zumbo.job')] private iterable $handlers,
        private StopAsked $stop,
    ) {
    }

    /** @return bool false when nothing waited */
    public function workOnce(bool $live = false): bool
    {
        $this->giveUpTheHopeless($live);
        $job = $this->queue->take($live);
        if (null === $job) {
            return false;
        }
        $this->inItsGym($job, function () use ($job, $live): void {
            $outcome = $this->outcome($job, $live);
            $this->queue->finish($job, $outcome);
            if ($outcome->state->isOver()) {
                $this->handlerOf($job)?->tidy($job);
            }
        });

        return true;
    }

    /** A job whose workers died of it again and again ends, says so, and leaves nothing behind. */
    private function giveUpTheHopeless(bool $live): void
    {
        $job = $this->queue->takeHopeless(self::GAVE_UP, $live);
        if (null !== $job) {
            $this->logger->error('a job was given up: its workers died of it', ['kind' => $job->kind]);
            $this->inItsGym($job, function () use ($job): void {
                $this->handlerOf($job)?->discard($job, self::GAVE_UP);
                $this->handlerOf($job)?->tidy($job);
            });
        }
    }

    /**
     * @param callable(): mixed $work
     */
    private function inItsGym(Job $job, callable $work): void
    {
        $this->scope->enter($job->gymId);
        try {
            $work();
        } finally {
            $this->scope->leave();
            // The next job must not see what this one had read.
            $this->registry->resetManager();
        }
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

    private function outcome(Job $job, bool $live): JobOutcome
    {
        // What happens in real time can't be taken up again later: told to end, it ends as called off.
        $progress = new Progress(
            fn (int $done, int $total): bool => $this->queue->beat($job, $done, $total) && !($live && $this->stop->is()),
        );
        try {
            $handler = $this->handlerOf($job)
                ?? throw new \LogicException('nobody does a job of the kind '.$job->kind);

            return $job->cancelled
                ? throw new JobCancelled()
                : $handler->work($job, $progress);
        } catch (JobCancelled) {
            return JobOutcome::cancelled();
        } catch (\Throwable $e) {
            if (DatabaseAway::is($e)) {
                // Nothing is wrong with the job: it is taken up again.
                throw $e;
            }
            $this->logger->error('a job failed', ['exception' => $e]);

            return JobOutcome::failed(self::FAILED);
        }
    }

    private function handlerOf(Job $job): ?JobHandler
    {
        foreach ($this->handlers as $handler) {
            if ($handler->kind() === $job->kind) {
                return $handler;
            }
        }

        return null;
    }
}
