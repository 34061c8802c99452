<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\OwnGym\KeepCoaches;
use Zumbo\App\Platform\Problem\BadField;

/**
 * `./zumbo coach role E-MAIL ROLE`.
 */
#[AsCommand('zumbo:coach:role', 'Make a coach an owner, a coach or a helper')]
final class CoachRoleCommand extends Command
{
    public function __construct(private readonly KeepCoaches $coaches, private readonly Checked $checked)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::REQUIRED, 'whose')
            ->addArgument('role', InputArgument::REQUIRED, 'owner, coach or helper');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$email, $role] = array_map(
            static fn (mixed $given): string => \is_string($given) ? $given : '',
            [$input->getArgument('email'), $input->getArgument('role')],
        );

        return $this->checked->run($output, [], function () use ($email, $role): array {
            $this->coaches->becomes(
                $email,
                Role::tryFrom($role) ?? throw BadField::of('role', $role, 'one of owner, coach, helper'),
            );

            return ["$email is $role now."];
        });
    }
}
