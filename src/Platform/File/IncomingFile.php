<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\File;

use Symfony\Component\HttpFoundation\Request;

/**
 * The body of a request while it comes in, and how long it said that it would be.
 */
final readonly class IncomingFile
{
    /**
     * @param resource $stream
     */
    private function __construct(
        public mixed $stream,
        /** Null: it was not told. */
        public ?int $announcedBytes,
    ) {
    }

    /** @param resource $stream */
    public static function ofStream($stream, ?int $bytes): self
    {
        return new self($stream, $bytes);
    }

    public static function of(Request $request): self
    {
        $length = $request->headers->get('Content-Length');

        return new self($request->getContent(true), is_numeric($length) ? (int) $length : null);
    }
}
