<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
        'phpdoc_separation' => false,
        'yoda_style' => true,
    ])
    ->setFinder(
        Finder::create()
            ->in([
                __DIR__.'/core',
                __DIR__.'/src',
                __DIR__.'/tests',
                __DIR__.'/migrations',
                __DIR__.'/config',
                __DIR__.'/public',
                __DIR__.'/bench',
            ])
            ->append([__DIR__.'/bin/console', __FILE__]),
    );
