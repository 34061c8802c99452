<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Helper\QuestionHelper;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Question\Question;
use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\OwnGym\RemoveGym;

/**
 * `./zumbo gym remove NAME [--yes]`. Only a backup brings it back, so it wants the name typed again.
 */
#[AsCommand('zumbo:gym:remove', 'Delete a gym with its athletes, ropes, log and coaches')]
final class GymRemoveCommand extends Command
{
    public function __construct(private readonly AllGyms $gyms, private readonly RemoveGym $remove)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED, 'what it is called, or its id')
            ->addOption('yes', null, InputOption::VALUE_NONE, 'without asking');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $name = $input->getArgument('name');
        $gym = $this->gyms->called(\is_string($name) ? trim($name) : '');
        if (null === $gym) {
            $output->writeln('There is no such gym: nothing was done.');

            return Command::SUCCESS;
        }
        if (true !== $input->getOption('yes')) {
            $output->writeln(\sprintf('%s: %s, their ropes and their log. Only a backup brings it back.', $gym->name, $gym->people()));
            $typed = (new QuestionHelper())->ask($input, $output, new Question('Type its name to delete it: '));
            if ($typed !== $gym->name) {
                $output->writeln('Nothing was done.');

                return Command::INVALID;
            }
        }
        $this->remove->remove($gym);
        $output->writeln("$gym->name is gone.");

        return Command::SUCCESS;
    }
}
