<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * `./zumbo coach password E-MAIL`; the password is asked for.
 */
#[AsCommand('zumbo:coach:password', 'Give a coach a new password; their sessions end')]
final class CoachPasswordCommand extends CoachCommand
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $password = TypedPassword::ask($input, $output);

        return $this->checked->run($output, [$password], function () use ($input, $password): array {
            $this->coaches->changePassword(self::email($input), $password);

            return ['The new password holds; whoever was signed in with the old one is not any more.'];
        });
    }
}
