<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * `./zumbo coach remove E-MAIL`. What they wrote stays, with their name.
 */
#[AsCommand('zumbo:coach:remove', 'Let a coach sign in no more')]
final class CoachRemoveCommand extends CoachCommand
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return $this->checked->run($output, [], function () use ($input): array {
            $this->coaches->remove(self::email($input));

            return ['They can sign in no more.'];
        });
    }
}
