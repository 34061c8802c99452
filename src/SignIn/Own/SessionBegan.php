<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn\Own;

use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Access\OpenSessions;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Shared\SignedInCoach;

/**
 * Notes where somebody signed in, so that they can see it and end it from elsewhere.
 */
final readonly class SessionBegan
{
    /** After the session got its new id. */
    private const LAST = -64;

    public function __construct(private OpenSessions $sessions, private GymScope $scope, private ClockInterface $clock)
    {
    }

    #[AsEventListener(LoginSuccessEvent::class, dispatcher: 'security.event_dispatcher.api', priority: self::LAST)]
    public function onLogin(LoginSuccessEvent $event): void
    {
        $coach = $event->getUser();
        if (!$coach instanceof SignedInCoach) {
            return;
        }
        // It would begin with the answer only, and has no id before.
        $session = $event->getRequest()->getSession();
        $session->start();
        // Whoever signs in over another gym's session.
        $this->scope->leave();
        $this->scope->enter($coach->gymId());
        $this->sessions->begin(
            new UuidV7(),
            $coach->id,
            $session->getId(),
            DeviceName::of((string) $event->getRequest()->headers->get('User-Agent')),
            $this->clock->now(),
        );
    }
}
