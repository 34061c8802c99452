<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

use Symfony\Component\HttpFoundation\Request;
use Zumbo\Core\Roster\Sheet;

/**
 * The list in the body of a request, and what it is known by when it comes again.
 */
final readonly class BroughtSheet
{
    private const MOST_BYTES = 5_000_000;

    private function __construct(public Sheet $sheet, public string $sha256)
    {
    }

    /**
     * @param bool $hasHeights as Sheet::ofText() takes it
     *
     * @throws SheetRefused when it is too large or can't be read
     */
    public static function of(Request $request, bool $hasHeights = false): self
    {
        $content = $request->getContent();
        if (\strlen($content) > self::MOST_BYTES) {
            throw SheetRefused::because(413, 'Too large', 'A list of more than 5 MB: keep the list alone in the file.');
        }
        $type = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));

        return new self(ReadSheet::of($content, $type, $hasHeights), hash('sha256', $content));
    }
}
