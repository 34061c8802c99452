<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Symfony\Component\HttpFoundation\Request;
use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * The body of a request that brings a file: its format by the content type, its size as it was announced.
 */
final readonly class UploadedFile
{
    private const ZIP = 'application/zip';
    private const FORMATS = ['application/json' => 'json', 'text/csv' => 'csv', self::ZIP => 'json'];

    /** Over a million log entries as JSON. nginx holds back what is larger before PHP sees it. */
    public const MOST_MB = 400;

    private function __construct(public string $format, public IncomingFile $content)
    {
    }

    /** @throws Refusal&\Throwable when the type is another, or the file is too large or empty */
    public static function of(Request $request): self
    {
        $type = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        $format =
            self::FORMATS[$type] ??
            throw UploadRefused::because(
                Problem::of(
                    415,
                    'Wrong type',
                    \sprintf(
                        'Content-Type "%s": application/json, text/csv or application/zip.',
                        mb_strimwidth(mb_scrub($type), 0, 60, '…'),
                    ),
                ),
            );
        $content = IncomingFile::of($request);
        $megabytes = (int) $content->announcedBytes / 1_000_000;
        if ($megabytes > self::MOST_MB) {
            $said = \sprintf('A file of %.1f MB: at most %d MB; part it by tables or athletes.', $megabytes, self::MOST_MB);
            throw UploadRefused::because(Problem::of(413, 'Too large', $said));
        }

        return new self($format, self::ZIP === $type ? ZippedJson::of($content) : $content);
    }
}
