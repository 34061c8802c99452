<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn\Own;

/**
 * What a coach calls the device that a browser introduces itself on: enough to tell the phone from the tablet at the wall.
 */
final class DeviceName
{
    /** The first that fits: browsers name those they descend from, too. */
    private const BROWSERS = ['Firefox' => 'Firefox', 'Edg' => 'Edge', 'Chrom' => 'Chrome', 'CriOS' => 'Chrome', 'Safari' => 'Safari'];
    private const SYSTEMS = ['iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows',
        'Mac OS' => 'Mac', 'Linux' => 'Linux'];

    public static function of(string $userAgent): string
    {
        return self::first(self::BROWSERS, $userAgent, 'A browser').' on '.self::first(self::SYSTEMS, $userAgent, 'a device');
    }

    /** @param array<string, string> $names */
    private static function first(array $names, string $userAgent, string $else): string
    {
        foreach ($names as $word => $name) {
            if (str_contains($userAgent, $word)) {
                return $name;
            }
        }

        return $else;
    }
}
