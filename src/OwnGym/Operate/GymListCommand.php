<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\App\Entity\Gym\AllGyms;

/**
 * `./zumbo gym list`.
 */
#[AsCommand('zumbo:gym:list', 'List the gyms of this machine')]
final class GymListCommand extends Command
{
    public function __construct(private readonly AllGyms $gyms)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach ($this->gyms->all() as $gym) {
            $output->writeln(implode(' · ', [
                $gym->name,
                $gym->timeZone,
                $gym->unit->value,
                $gym->people(),
                $gym->id->toRfc4122(),
            ]));
        }

        return Command::SUCCESS;
    }
}
