<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Zumbo\App\Shared\SignedInCoach;

/**
 * Tells with every answer whose it is, so that a device that keeps answers shows one coach's never to another.
 */
final readonly class TellsWhose
{
    public const HEADER = 'Zumbo-Coach';

    public function __construct(private Security $security)
    {
    }

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function onResponse(ResponseEvent $event): void
    {
        $coach = $event->isMainRequest() ? $this->security->getUser() : null;
        if ($coach instanceof SignedInCoach) {
            $event->getResponse()->headers->set(self::HEADER, $coach->id->toRfc4122());
        }
    }
}
