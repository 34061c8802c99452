<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * Marks every exception the core throws on purpose: catch this to catch them all.
 */
interface CoreException extends \Throwable
{
}
