<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * `./zumbo coach role E-MAIL ROLE`.
 */
#[AsCommand('zumbo:coach:role', 'Make a coach an owner, a coach or a helper')]
final class CoachRoleCommand extends CoachCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addArgument('role', InputArgument::REQUIRED, 'owner, coach or helper');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $role = $input->getArgument('role');

        return $this->checked->run($output, [], function () use ($input, $role): array {
            $role = TypedRole::of(\is_string($role) ? $role : '');
            $this->coaches->becomes(self::email($input), $role);

            return [\sprintf('%s is %s now.', self::email($input), $role->value)];
        });
    }
}
