<?php

declare(strict_types=1);

namespace Zumbo\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

/**
 * The Symfony application. Command line and php-fpm run as different users, so each names its own cache folder.
 */
final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public static function fromEnvironment(): self
    {
        return new self(self::setting('APP_ENV') ?? 'prod', '1' === self::setting('APP_DEBUG'));
    }

    public function getCacheDir(): string
    {
        return self::setting('ZUMBO_CACHE_DIR') ?? parent::getCacheDir();
    }

    public function getLogDir(): string
    {
        return self::setting('ZUMBO_LOG_DIR') ?? parent::getLogDir();
    }

    /** A variable of the environment that is set and not empty. */
    private static function setting(string $name): ?string
    {
        $value = $_SERVER[$name] ?? null;

        return \is_string($value) && '' !== $value ? $value : null;
    }
}
