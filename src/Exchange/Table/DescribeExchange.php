<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints what docs/formats holds: `zumbo:describe-exchange schema` or `columns`.
 */
#[AsCommand('zumbo:describe-exchange', 'Print the JSON Schema or the columns of the exchanged tables')]
final class DescribeExchange extends Command
{
    protected function configure(): void
    {
        $this->addArgument('what', InputArgument::REQUIRED, 'schema or columns');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $printed = match ($input->getArgument('what')) {
            'schema' => json_encode(
                ExchangeSchema::schema(),
                \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
            )."\n",
            'columns' => ExchangeSchema::columns(),
            default => null,
        };
        if (null === $printed) {
            $output->writeln('what: schema or columns');

            return Command::INVALID;
        }
        $output->write($printed, false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
