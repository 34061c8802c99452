<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sound;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\CoreException;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Rhythm\EventCsv;
use Zumbo\Core\Sound\Ear;
use Zumbo\Core\Sound\WavReader;

/**
 * Thousands of broken files, the same each time: each is read or refused with a sentence, and nothing else happens.
 */
final class HostileFilesTest extends TestCase
{
    public function testBrokenRecordingsAreReadOrRefused(): void
    {
        $good = array_map(static fn (string $name): string => (string) file_get_contents(__DIR__."/files/$name.wav"), [
            's16-8000-1',
            'u8-22050-1',
            's24-44100-1',
            'f32-44100-2',
        ]);
        $refused = 0;
        for ($i = 0; $i < 2000; ++$i) {
            $refused += self::refuses(
                static fn (string $bytes) => Ear::hear(WavReader::open(str_split($bytes, 97))),
                self::broken($good[$i % 4], $i, 60),
            );
        }
        self::assertGreaterThan(500, $refused);
        self::assertLessThan(2000, $refused);
    }

    public function testBrokenEventFilesAreReadOrRefused(): void
    {
        $good = "time_s,channel\r\n0.6,land\r\n0.9421,turn\r\n1.1769,land\r\n";
        $refused = 0;
        for ($i = 0; $i < 2000; ++$i) {
            $refused += self::refuses(EventCsv::read(...), self::broken($good, $i, \strlen($good)));
        }
        self::assertGreaterThan(500, $refused);
        self::assertLessThan(2000, $refused);
    }

    /** A few bytes of the head are others, or bytes are missing, or more come. */
    private static function broken(string $bytes, int $seed, int $head): string
    {
        $chance = new Draws($seed);
        for ($i = 0, $count = 1 + ($chance->next() % 3); $i < $count; ++$i) {
            $at = $chance->next() % min($head, \strlen($bytes));
            $bytes = match ($chance->next() % 4) {
                0 => substr($bytes, 0, $at),
                1 => substr_replace($bytes, pack('V', $chance->next()), $at, 4),
                2 => substr_replace($bytes, \chr($chance->next() % 256), $at, 1),
                default => substr_replace($bytes, str_repeat(\chr($chance->next() % 256), 5), $at, 0),
            };
            if ('' === $bytes) {
                break;
            }
        }

        return $bytes;
    }

    /**
     * @param callable(string): mixed $read
     */
    private static function refuses(callable $read, string $bytes): int
    {
        try {
            $read($bytes);
        } catch (CoreException $e) {
            self::assertNotSame('', $e->getMessage());
            self::assertMatchesRegularExpression('/^[\x20-\x7E]+$/', $e->getMessage(), 'what is shown can be read');

            return 1;
        }

        return 0;
    }
}
