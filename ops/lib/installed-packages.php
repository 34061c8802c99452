<?php

declare(strict_types=1);

/*
 * Prints the installed Composer packages, one a line: name, version, and "dev" for what only tests need.
 */

$file = $argv[1] ?? 'vendor/composer/installed.json';
$installed = json_decode((string) file_get_contents($file), true, flags: \JSON_THROW_ON_ERROR);
$dev = array_flip($installed['dev-package-names']);
$lines = array_map(
    static fn (array $package): string => $package['name'].' '.$package['version'].(isset($dev[$package['name']]) ? ' dev' : ''),
    $installed['packages'],
);
sort($lines);
echo implode("\n", $lines), "\n";
