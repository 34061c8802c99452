<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Zumbo\Core\Messages\English\Sentences;

/**
 * Prints how an entry of the log is said, as ICU messages: a device says entries before the server has seen them.
 * `bin/console zumbo:describe-entries > web/src/lib/entryMessages.json`.
 */
#[AsCommand('zumbo:describe-entries', 'Print the messages that say an entry of the log')]
final class DescribeEntries extends Command
{
    private const FIRST = 'entry.';

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(self::json(), false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    public static function json(): string
    {
        $messages = [];
        foreach (Sentences::all() as $code => $message) {
            if (str_starts_with($code, self::FIRST)) {
                $messages[substr($code, \strlen(self::FIRST))] = $message;
            }
        }

        return json_encode($messages, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE)."\n";
    }
}
