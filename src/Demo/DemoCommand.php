<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * `./zumbo demo [--on DATE]`.
 */
#[AsCommand('zumbo:demo', 'Throw the demo gym away and load it again')]
final class DemoCommand extends Command
{
    public function __construct(private readonly LoadDemo $load, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption(
            'on',
            null,
            InputOption::VALUE_REQUIRED,
            'the day the demo ends, like 2026-11-24 (default: today)',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $on = $input->getOption('on');
        $day =
            null === $on
                ? $this->clock->now()
                : \DateTimeImmutable::createFromFormat('!Y-m-d', \is_string($on) ? $on : '', new \DateTimeZone('UTC'));
        if (false === $day || (\is_string($on) && $day->format('Y-m-d') !== $on)) {
            $output->writeln(\sprintf('--on "%s": a day like 2026-11-24', \is_string($on) ? $on : ''));

            return Command::INVALID;
        }
        $this->load->upTo($day);
        $output->writeln(
            \sprintf('%s is loaded: 14 athletes, up to %s.', SaltmarshBarbell::NAME, $day->format('Y-m-d')),
        );

        return Command::SUCCESS;
    }
}
