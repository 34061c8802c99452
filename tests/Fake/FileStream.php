<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Fake;

/**
 * A file that is only in memory.
 */
final class FileStream
{
    /**
     * @return resource
     */
    public static function of(string $content)
    {
        $stream = fopen('php://memory', 'w+');
        if (false === $stream) {
            throw new \RuntimeException('there is no memory');
        }
        fwrite($stream, $content);
        rewind($stream);

        return $stream;
    }
}
