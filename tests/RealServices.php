<?php

declare(strict_types=1);

namespace Zumbo\App\Tests;

/**
 * Typed access to the application's own services.
 */
trait RealServices
{
    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected static function service(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }
}
