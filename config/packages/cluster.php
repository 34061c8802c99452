<?php

declare(strict_types=1);

use Symfony\Component\DependencyInjection\Loader\Configurator\ContainerConfigurator;
use Zumbo\App\Platform\Cluster\PrimaryFirst;

// Where there are databases to read from beside the one that is written to (ops/cluster.sh); one alone needs none of it.
return static function (ContainerConfigurator $container): void {
    if ('' === (string) ($_SERVER['ZUMBO_READ_URL'] ?? '')) {
        return;
    }
    $container->extension('doctrine', ['dbal' => ['connections' => ['default' => [
        'wrapper_class' => PrimaryFirst::class,
        'keep_replica' => true,
        'replicas' => ['any' => ['url' => '%env(resolve:ZUMBO_READ_URL)%']],
    ]]]]);
};
