<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Http\Event\LogoutEvent;
use Zumbo\App\Platform\Live\SessionStreams;

/**
 * After signing out there is nothing to say; the page goes to its own sign-in view, and no stream of the session goes on.
 */
final readonly class SignedOut
{
    /** Before the session is made void, which takes its id away. */
    private const FIRST = 16;

    public function __construct(private SessionStreams $streams)
    {
    }

    #[AsEventListener(LogoutEvent::class, dispatcher: 'security.event_dispatcher.api', priority: self::FIRST)]
    public function onLogout(LogoutEvent $event): void
    {
        $this->streams->end($event->getRequest()->getSession()->getId());
        // Not its storage: what waits there to be sent belongs to whoever made it.
        $event->setResponse(new Response('', Response::HTTP_NO_CONTENT, ['Clear-Site-Data' => '"cache"']));
    }
}
