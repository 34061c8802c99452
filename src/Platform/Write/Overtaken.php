<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

/**
 * Somebody wrote meanwhile what a long piece of work had relied on.
 */
final class Overtaken extends \RuntimeException
{
}
