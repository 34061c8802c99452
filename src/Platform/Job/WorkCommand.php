<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * The small process beside the web server that does what takes long; ends at TERM, after the job it is at, and what happens in
 * real time at once.
 */
#[AsCommand('zumbo:work', 'Do jobs until told to stop')]
final class WorkCommand extends Command
{
    private const IDLE_US = 400_000;

    /** A fresh process now and then: nothing grows for ever. */
    private const LONGEST_S = 86_400;

    private const CHORES_S = 3600;
    private const AFTER_A_FALL_US = 2_000_000;

    public function __construct(
        private readonly Worker $worker,
        private readonly Chores $chores,
        private readonly StopAsked $stop,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('live', null, InputOption::VALUE_NONE, 'only what happens in real time');
    }

    /**
     * @return list<int>
     */
    public function getSubscribedSignals(): array
    {
        return [\SIGTERM, \SIGINT];
    }

    public function handleSignal(int $signal, int|false $previousExitCode = 0): int|false
    {
        $this->stop->ask();

        return false;
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $until = time() + self::LONGEST_S;
        $next = time();
        $live = true === $input->getOption('live');
        while (!$this->stop->is() && time() < $until) {
            try {
                if (!$live && time() >= $next) {
                    $this->chores->doAll();
                    $next = time() + self::CHORES_S;
                }
                if (!$this->worker->workOnce($live)) {
                    usleep(self::IDLE_US);
                }
            } catch (\Throwable $e) {
                $this->worker->recover($e);
                usleep(self::AFTER_A_FALL_US);
            }
        }

        return Command::SUCCESS;
    }
}
