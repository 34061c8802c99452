<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\Transaction;

/**
 * After a restore: whoever was erased since the copy was made is erased from it, too.
 */
#[AsCommand('zumbo:erase-again', 'Erase the athletes of a list: a gym\'s id and an athlete\'s id on each line')]
final class EraseAgainCommand extends Command
{
    public function __construct(
        private readonly Athletes $athletes,
        private readonly Transaction $transaction,
        private readonly GymScope $scope,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('list', InputArgument::REQUIRED, 'the file of ids');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('list');
        $lines = \is_string($file) && is_file($file) ? (array) file($file, \FILE_IGNORE_NEW_LINES) : [];
        $erased = 0;
        foreach ($lines as $line) {
            [$gym, $id] = explode(' ', (string) $line) + ['', ''];
            if (!Uuid::isValid($gym) || !Uuid::isValid($id)) {
                continue;
            }
            $this->scope->enter(Uuid::fromString($gym));
            $erased += (int) $this->transaction->run(function () use ($id): bool {
                $was = null !== $this->athletes->find(Uuid::fromString($id));
                $this->athletes->erase(Uuid::fromString($id));

                return $was;
            });
            $this->scope->leave();
        }
        $output->writeln(\sprintf('%d of %d erased again', $erased, \count($lines)));

        return Command::SUCCESS;
    }
}
