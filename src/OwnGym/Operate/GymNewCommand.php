<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\OwnGym\CoachInput;
use Zumbo\App\OwnGym\GymInput;
use Zumbo\App\OwnGym\MakeGym;

/**
 * `./zumbo gym new NAME --zone ZONE [--unit UNIT] --email E-MAIL --coach NAME`; the password is asked for.
 */
#[AsCommand('zumbo:gym:new', 'Make a gym with its first coach, who owns it')]
final class GymNewCommand extends Command
{
    public function __construct(private readonly AllGyms $gyms, private readonly MakeGym $make, private readonly Checked $checked)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED, 'what the gym is called')
            ->addOption('zone', null, InputOption::VALUE_REQUIRED, 'the time zone of its city, like Europe/London')
            ->addOption('unit', null, InputOption::VALUE_REQUIRED, 'cm or ft-in', 'cm')
            ->addOption('email', null, InputOption::VALUE_REQUIRED, 'the first coach signs in by it')
            ->addOption('coach', null, InputOption::VALUE_REQUIRED, 'the first coach\'s name');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = static fn (mixed $given): string => \is_string($given) ? $given : '';
        $name = trim($text($input->getArgument('name')));
        if (null !== $this->gyms->called($name)) {
            $output->writeln("There is a gym called $name already: nothing was done.");

            return Command::SUCCESS;
        }
        $gym = new GymInput($name, $text($input->getOption('zone')), $text($input->getOption('unit')));
        $first = new CoachInput(
            $text($input->getOption('email')),
            $text($input->getOption('coach')),
            TypedPassword::ask($input, $output),
        );

        return $this->checked->run($output, [$gym, $first], fn (): array => [
            \sprintf('%s is made: %s can sign in.', $this->make->make($gym, $first)->name(), $first->name()),
        ]);
    }
}
