<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/**
 * After signing out there is nothing to say; the page goes to its own sign-in view.
 */
final class SignedOut
{
    #[AsEventListener(LogoutEvent::class, dispatcher: 'security.event_dispatcher.api')]
    public function onLogout(LogoutEvent $event): void
    {
        // Not its storage: what waits there to be sent belongs to whoever made it.
        $event->setResponse(new Response('', Response::HTTP_NO_CONTENT, ['Clear-Site-Data' => '"cache"']));
    }
}
