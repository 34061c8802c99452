<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\Transaction;

/**
 * `./zumbo console zumbo:rebuild-sums`: for whoever doubts them, or wrote entries by hand.
 */
#[AsCommand('zumbo:rebuild-sums', 'Count the kept sums of every gym\'s log anew')]
final class RebuildSumsCommand extends Command
{
    public function __construct(
        private readonly Connection $connection,
        private readonly DaySums $sums,
        private readonly Transaction $transaction,
        private readonly GymScope $scope,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach ($this->connection->fetchFirstColumn('SELECT id FROM gym ORDER BY id') as $gym) {
            $this->scope->enter(Uuid::fromBinary(\is_string($gym) ? $gym : ''));
            $sets = $this->transaction->run($this->sums->rebuild(...));
            $output->writeln(\sprintf('%s: %d sets', $this->scope->gymId()->toRfc4122(), $sets));
            $this->scope->leave();
        }

        return Command::SUCCESS;
    }
}
