<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Describe;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints the API description: `bin/console zumbo:describe-api > api/openapi.json`.
 */
#[AsCommand('zumbo:describe-api', 'Print the OpenAPI description made from the DTOs')]
final class DescribeApi extends Command
{
    public function __construct(private readonly ApiDescription $description)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(self::json($this->description->describe()), false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /**
     * @param array<string, mixed> $description
     */
    public static function json(array $description): string
    {
        return json_encode(
            $description,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        )."\n";
    }
}
