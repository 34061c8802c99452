<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\App\Entity\Access\FirstCode;
use Zumbo\App\Entity\Gym\AllGyms;

/**
 * `./zumbo gym code`, and what `./zumbo start` prints: nothing where there is a gym already.
 */
#[AsCommand('zumbo:gym:code', 'Print the code by which the first gym is made at the sign-in page')]
final class GymCodeCommand extends Command
{
    public function __construct(private readonly AllGyms $gyms, private readonly FirstCode $code)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($this->gyms->noneButTheDemo()) {
            $output->writeln($this->code->current());
        }

        return Command::SUCCESS;
    }
}
