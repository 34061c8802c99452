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
        $copy = self::inPieces($from, self::PIECE_BYTES, static function (int $at, string $piece) use ($to): void {
            if (null !== $to && @fwrite($to, $piece) !== \strlen($piece)) {
                throw StorageFull::disk();
            }
        });
        if (null !== $to && !@fflush($to)) {
            throw StorageFull::disk();
        }

        return $copy;
    }

    /**
     * @param resource                     $from
     * @param int                          $size of each piece but the last, bytes
     * @param callable(int, string): mixed $take the byte that a piece begins at, and the piece
     */
    public static function inPieces($from, int $size, callable $take): self
    {
        $bytes = 0;
        $hash = hash_init('sha256');
        while ('' !== $piece = (string) stream_get_contents($from, $size)) {
            hash_update($hash, $piece);
            $take($bytes, $piece);
            $bytes += \strlen($piece);
        }

        return new self($bytes, hash_final($hash));
    }
}
