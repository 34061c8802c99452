<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Helper\QuestionHelper;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\StreamableInputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Question\Question;
use Zumbo\App\Shared\Access\PasswordInput;

/**
 * A new password from the keyboard, unseen and twice; or one line of what is piped in. Never an argument: other users of
 * the machine could read it.
 */
final class TypedPassword
{
    public static function ask(InputInterface $input, OutputInterface $output): PasswordInput
    {
        $stream = ($input instanceof StreamableInputInterface ? $input->getStream() : null) ?? \STDIN;
        if (!stream_isatty($stream)) {
            $line = rtrim((string) fgets($stream), "\r\n");

            return new PasswordInput($line, $line);
        }
        $ask = static function (string $what) use ($input, $output): string {
            $typed = (new QuestionHelper())->ask($input, $output, (new Question($what))->setHidden(true));

            return \is_string($typed) ? $typed : '';
        };

        return new PasswordInput(
            $ask(\sprintf('Password, at least %d characters: ', PasswordInput::LEAST)),
            $ask('The same again: '),
        );
    }
}
