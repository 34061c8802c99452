<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\File\WholeCopy;
use Zumbo\App\Platform\Problem\Problem;

/**
 * The JSON form out of a ZIP file as it went out; what else is in it is left there.
 */
final class ZippedJson
{
    private const NAME = 'zumbo.json';
    private const NONE = 'A ZIP file as Zumbo makes it has a file zumbo.json in it: this one has none.';

    /** @throws UploadRefused when it is no archive, or no such file is in it, or it is too large */
    public static function of(IncomingFile $archive): IncomingFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zumbo-in');
        $copy = fopen($path, 'w');
        $json = tmpfile();
        if (false === $copy || false === $json) {
            throw new \RuntimeException('nothing can be written down for an import');
        }
        try {
            WholeCopy::of($archive->stream, $copy);
            $zip = new \ZipArchive();
            $packed = true === $zip->open($path, \ZipArchive::RDONLY) ? $zip->statName(self::NAME) : false;
            $stream = false === $packed ? false : $zip->getStream(self::NAME);
            if (false === $packed || false === $stream) {
                throw UploadRefused::because(Problem::of(422, 'Bad input', self::NONE));
            }
            if ($packed['size'] > UploadedFile::MOST_MB * 1_000_000) {
                $said = \sprintf('zumbo.json has more than %d MB.', UploadedFile::MOST_MB);
                throw UploadRefused::because(Problem::of(413, 'Too large', $said));
            }
            $whole = WholeCopy::of($stream, $json);
            rewind($json);

            return IncomingFile::ofStream($json, $whole->bytes);
        } finally {
            fclose($copy);
            unlink($path);
        }
    }
}
