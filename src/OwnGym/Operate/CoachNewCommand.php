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
use Zumbo\App\OwnGym\KeepCoaches;
use Zumbo\App\OwnGym\UnknownGym;

/**
 * `./zumbo coach new E-MAIL --gym GYM --name NAME [--role ROLE]`; the password is asked for.
 */
#[AsCommand('zumbo:coach:new', 'Let somebody sign in to a gym')]
final class CoachNewCommand extends Command
{
    public function __construct(private readonly AllGyms $gyms, private readonly KeepCoaches $coaches, private readonly Checked $checked)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::REQUIRED, 'they sign in by it')
            ->addOption('gym', null, InputOption::VALUE_REQUIRED, 'the gym\'s name or id')
            ->addOption('name', null, InputOption::VALUE_REQUIRED, 'what they are called')
            ->addOption('role', null, InputOption::VALUE_REQUIRED, 'owner, coach or helper', 'coach');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = static fn (mixed $given): string => \is_string($given) ? $given : '';
        $gym = $text($input->getOption('gym'));
        $coach = new CoachInput(
            $text($input->getArgument('email')),
            $text($input->getOption('name')),
            TypedPassword::ask($input, $output),
        );

        $role = $text($input->getOption('role'));

        return $this->checked->run($output, [$coach], function () use ($gym, $coach, $role): array {
            $found = $this->gyms->called($gym) ?? throw UnknownGym::named('gym', $gym);
            $this->coaches->add($found->id, $coach, TypedRole::of($role));

            return [\sprintf('%s can sign in to %s, as %s.', $coach->name(), $found->name, $role)];
        });
    }
}
