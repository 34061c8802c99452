<?php

declare(strict_types=1);

use Zumbo\Core\Calc\Field\WavFiles;

/**
 * Files on this disk, for `./zumbo calc`.
 */
final class DiskFiles implements WavFiles
{
    private const PIECE_BYTES = 65_536;

    public function read(string $path): ?Traversable
    {
        $file = is_file($path) ? @fopen($path, 'r') : false;

        return false === $file
            ? null
            : (static function () use ($file): Generator {
                while (!feof($file)) {
                    yield (string) fread($file, self::PIECE_BYTES);
                }
            })();
    }

    public function write(string $path, string $bytes): bool
    {
        return strlen($bytes) === @file_put_contents($path, $bytes);
    }
}
