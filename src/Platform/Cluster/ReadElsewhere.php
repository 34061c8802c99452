<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Cluster;

use Doctrine\DBAL\Connections\PrimaryReadReplicaConnection;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/**
 * Sends the reads of what may be old to another database, once it is known who asks.
 */
final readonly class ReadElsewhere
{
    public function __construct(private ManagerRegistry $registry)
    {
    }

    #[AsEventListener(KernelEvents::CONTROLLER)]
    public function onController(ControllerEvent $event): void
    {
        $connection = $this->registry->getConnection();
        if ($connection instanceof PrimaryReadReplicaConnection && [] !== $event->getAttributes(MayBeOld::class)) {
            $connection->ensureConnectedToReplica();
        }
    }
}
