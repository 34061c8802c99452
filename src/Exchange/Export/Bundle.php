<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Export;

use Symfony\Component\Filesystem\Filesystem;
use Zumbo\App\Exchange\Table\ExchangeSchema;

/**
 * One ZIP file with all that goes out: the JSON form, every table as CSV, the schema, and what is what.
 */
final class Bundle
{
    private const README = <<<'TEXT'
        What %s keeps in Zumbo, as of %s.

        zumbo.json               everything; this file, or the whole ZIP, is brought in again under Files
        tables/NAME.csv          the same by table, for a spreadsheet program; lengths are metres, instants are UTC
        zumbo-1.schema.json      what zumbo.json is held to (JSON Schema, draft 2020-12)

        The files hold names and health notes: keep them as you would keep paper.

        TEXT;

    /** Nothing in it tells when it was packed: the same gym gives the same bytes. */
    private const PACKED_AT = 946_684_800;

    /**
     * @param array<string, iterable<string>> $files parts by name in the archive
     *
     * @return string the path of the archive; whoever asked for it deletes it
     */
    public static function packed(array $files, string $gym, string $day): string
    {
        $files += [
            'zumbo-1.schema.json' => [json_encode(
                ExchangeSchema::schema(),
                \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
            )."\n"],
            'README.txt' => [\sprintf(self::README, $gym, $day)],
        ];
        $disk = new Filesystem();
        $folder = $disk->tempnam(sys_get_temp_dir(), 'zumbo-out');
        $disk->remove($folder);
        $disk->mkdir($folder, 0o700);
        $archive = $folder.'.zip';
        try {
            $zip = new \ZipArchive();
            if (true !== $zip->open($archive, \ZipArchive::CREATE | \ZipArchive::EXCL)) {
                throw new \RuntimeException('nothing can be packed for an export');
            }
            foreach ($files as $name => $parts) {
                $path = $folder.'/'.str_replace('/', '-', $name);
                self::write($path, $parts);
                $zip->addFile($path, $name);
                $zip->setMtimeName($name, self::PACKED_AT);
            }
            if (!$zip->close()) {
                throw new \RuntimeException('there is no room to pack an export');
            }
        } finally {
            $disk->remove($folder);
        }

        return $archive;
    }

    /** @param iterable<string> $parts */
    private static function write(string $path, iterable $parts): void
    {
        $file = fopen($path, 'w');
        if (false === $file) {
            throw new \RuntimeException('nothing can be written down for an export');
        }
        foreach ($parts as $part) {
            if (fwrite($file, $part) !== \strlen($part)) {
                throw new \RuntimeException('there is no room to write an export down');
            }
        }
        fclose($file);
    }
}
