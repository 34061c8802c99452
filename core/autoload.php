<?php

declare(strict_types=1);

/*
 * Loads the core without Composer, so that `./zumbo calc` starts with nothing but PHP.
 */
spl_autoload_register(static function (string $class): void {
    $prefix = 'Zumbo\\Core\\';
    if (str_starts_with($class, $prefix)) {
        $file = __DIR__.'/src/'.strtr(substr($class, strlen($prefix)), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
