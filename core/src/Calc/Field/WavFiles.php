<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

/**
 * The files that a command line names. The core itself reads and writes none.
 */
interface WavFiles
{
    /**
     * @return \Traversable<mixed, string>|null its bytes in pieces; null when it can't be read
     */
    public function read(string $path): ?\Traversable;

    public function write(string $path, string $bytes): bool;
}
