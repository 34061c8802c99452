<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

enum Fit: string
{
    case TooShort = 'too-short';
    case Short = 'short';
    case Right = 'right';
    case Long = 'long';
    case TooLong = 'too-long';
}
