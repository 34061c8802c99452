<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\File;

/**
 * Copies a stream to its last byte, and tells how many there were and their checksum.
 */
final readonly class WholeCopy
{
    private const PIECE_BYTES = 65_536;

    private function __construct(public int $bytes, public string $sha256)
    {
    }

    /**
     * @param resource      $from
     * @param resource|null $to   null: it is only read
     *
     * @throws StorageFull when a byte could not be written
     */
    public static function of($from, $to): self
    {
        $bytes = 0;
        $hash = hash_init('sha256');
        while (!feof($from)) {
            $piece = (string) fread($from, self::PIECE_BYTES);
            hash_update($hash, $piece);
            $bytes += \strlen($piece);
            if (null !== $to && @fwrite($to, $piece) !== \strlen($piece)) {
                throw StorageFull::disk();
            }
        }
        if (null !== $to && !@fflush($to)) {
            throw StorageFull::disk();
        }

        return new self($bytes, hash_final($hash));
    }
}
