<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * `./zumbo coach reset E-MAIL`: for whoever forgot their password and has no owner to ask.
 */
#[AsCommand('zumbo:coach:reset', 'Make a link by which a coach chooses a new password, good once and for a day')]
final class CoachResetCommand extends CoachCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('address', null, InputOption::VALUE_REQUIRED, 'of the app, as their device reaches it', '');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $address = $input->getOption('address');

        return $this->checked->run($output, [], fn (): array => [
            'Give them this link; it is good once, until tomorrow at this time, and is not shown again:',
            rtrim(\is_string($address) ? $address : '', '/').$this->coaches->resetLink(self::email($input)),
        ]);
    }
}
