<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\App\OwnGym\RenameGym;

/**
 * `./zumbo gym rename NAME NEW-NAME`.
 */
#[AsCommand('zumbo:gym:rename', 'Give a gym another name')]
final class GymRenameCommand extends Command
{
    public function __construct(private readonly RenameGym $rename, private readonly Checked $checked)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED, 'what it is called, or its id')
            ->addArgument('new-name', InputArgument::REQUIRED, 'what it shall be called');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$name, $new] = array_map(
            static fn (mixed $given): string => \is_string($given) ? trim($given) : '',
            [$input->getArgument('name'), $input->getArgument('new-name')],
        );

        return $this->checked->run($output, [], fn (): array => [
            $this->rename->rename($name, $new)
                ? "It is called $new."
                : "None is called $name, and one is called $new: nothing was done.",
        ]);
    }
}
