<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * Sound that the core makes, sent as a file piece by piece.
 */
final class WavDownload
{
    public const TYPE = 'audio/wav';

    /**
     * @param iterable<string> $pieces of a WAV file
     */
    public static function of(string $name, iterable $pieces): StreamedResponse
    {
        return new StreamedResponse(
            static function () use ($pieces): void {
                foreach ($pieces as $piece) {
                    echo $piece;
                }
            },
            200,
            [
                'Content-Type' => self::TYPE,
                'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
            ],
        );
    }
}
