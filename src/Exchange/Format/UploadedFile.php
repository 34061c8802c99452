<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Symfony\Component\HttpFoundation\Request;
use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * The body of a request that brings a file: its format by the content type, its size held to what that format may have.
 */
final readonly class UploadedFile
{
    private const FORMATS = ['application/json' => 'json', 'text/csv' => 'csv'];

    /** Megabytes. nginx holds back what is over the larger one before PHP sees it. */
    private const MOST_MB = ['json' => 8, 'csv' => 4];

    private function __construct(public string $format, public string $content)
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
                        'Content-Type "%s": application/json or text/csv.',
                        mb_strimwidth(mb_scrub($type), 0, 60, '…'),
                    ),
                ),
            );
        $content = $request->getContent();
        if (\strlen($content) > self::MOST_MB[$format] * 1024 * 1024) {
            throw UploadRefused::because(
                Problem::of(
                    413,
                    'Too large',
                    \sprintf(
                        'A %s file of %.1f MB: at most %d MB; part it by tables or athletes.',
                        strtoupper($format),
                        \strlen($content) / 1024 / 1024,
                        self::MOST_MB[$format],
                    ),
                ),
            );
        }
        if ('' === $content) {
            throw UploadRefused::because(Problem::of(422, 'Bad input', 'The file is empty: choose one with rows.'));
        }

        return new self($format, $content);
    }
}
