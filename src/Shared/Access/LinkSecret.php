<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Access;

/**
 * What opens a link, made by the device that hands it out: 128 bits and more, as base64url.
 */
final class LinkSecret
{
    public const PATTERN = '/^[A-Za-z0-9_-]{22,64}$/';
    public const FORM = '22 to 64 letters and digits that chance has made';
}
