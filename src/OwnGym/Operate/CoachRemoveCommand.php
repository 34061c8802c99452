<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\App\OwnGym\KeepCoaches;

/**
 * `./zumbo coach remove E-MAIL`. What they wrote stays, with their name.
 */
#[AsCommand('zumbo:coach:remove', 'Let a coach sign in no more')]
final class CoachRemoveCommand extends Command
{
    public function __construct(private readonly KeepCoaches $coaches, private readonly Checked $checked)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::REQUIRED, 'whose');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $email = $input->getArgument('email');

        return $this->checked->run($output, [], function () use ($email): array {
            $this->coaches->remove(\is_string($email) ? $email : '');

            return ['They can sign in no more.'];
        });
    }
}
