<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Zumbo\App\OwnGym\KeepCoaches;

/**
 * A command about one coach, who is named by their e-mail.
 */
abstract class CoachCommand extends Command
{
    public function __construct(protected readonly KeepCoaches $coaches, protected readonly Checked $checked)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::REQUIRED, 'whose');
    }

    protected static function email(InputInterface $input): string
    {
        $email = $input->getArgument('email');

        return \is_string($email) ? $email : '';
    }
}
