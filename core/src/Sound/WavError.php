<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

use Zumbo\Core\Measure\CoreException;

/**
 * A file that is no sound that can be read: what is wrong with it, and what would be right.
 */
final class WavError extends \InvalidArgumentException implements CoreException
{
    public const ACCEPTED = 'a WAV file, 8-, 16- or 24-bit PCM or 32-bit float, one or two channels, 8 to 96 kHz';

    private function __construct(
        string $message,
        public readonly string $found,
        public readonly string $accepted = self::ACCEPTED,
    ) {
        parent::__construct($message);
    }

    public static function notWav(string $why): self
    {
        return new self(\sprintf('this is not a WAV file: %s', $why), $why);
    }

    public static function unknown(string $what, int $found, string $accepted): self
    {
        return new self(\sprintf('%s %d: %s', $what, $found, $accepted), (string) $found, $accepted);
    }

    public static function cutOff(float $foundS, float $saidS): self
    {
        return new self(
            \sprintf('the file is cut off: it says %.1f s of sound and holds %.1f s', $saidS, $foundS),
            \sprintf('%.1f s', $foundS),
            'the whole file',
        );
    }

    public static function broken(float $atS): self
    {
        return new self(
            \sprintf('at %.1f s the file holds something that is no number', $atS),
            'no number',
            'samples from -1 to 1',
        );
    }

    public static function tooLong(float $mostS): self
    {
        return new self(
            \sprintf('the recording is longer than %d minutes', (int) ($mostS / 60)),
            'a longer one',
            \sprintf('a recording of at most %d minutes', (int) ($mostS / 60)),
        );
    }
}
