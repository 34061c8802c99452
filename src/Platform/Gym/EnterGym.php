<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\FinishRequestEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/**
 * Enters the gym of whoever is signed in, after the firewall (priority 8) has found out who that is.
 */
final readonly class EnterGym
{
    public function __construct(private Security $security, private GymScope $scope)
    {
    }

    #[AsEventListener(KernelEvents::REQUEST, priority: 6)]
    public function onRequest(RequestEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $member = $this->security->getUser();
        if ($member instanceof GymMember) {
            $this->scope->enter($member->gymId());
        }
    }

    #[AsEventListener(KernelEvents::FINISH_REQUEST)]
    public function onFinish(FinishRequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $this->scope->leave();
        }
    }
}
