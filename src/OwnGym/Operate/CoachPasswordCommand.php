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
 * `./zumbo coach password E-MAIL`; the password is asked for.
 */
#[AsCommand('zumbo:coach:password', 'Give a coach a new password; their sessions end')]
final class CoachPasswordCommand extends Command
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
        $password = TypedPassword::ask($input, $output);

        return $this->checked->run($output, [$password], function () use ($email, $password): array {
            $this->coaches->changePassword(\is_string($email) ? $email : '', $password);

            return ['The new password holds; whoever was signed in with the old one is not any more.'];
        });
    }
}
